package potmellow.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;

@AnalyzeClasses(packages = "potmellow.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreStaysPureTest {
    @ArchTest
    static final ArchRule KNOWS_NO_FRAMEWORK_NO_SQL_NO_HTTP = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework..", "java.sql..", "javax.sql..", "java.net..", "jakarta..");

    @ArchTest
    static final ArchRule HAS_NO_CLOCK_OF_ITS_OWN = noClasses()
            .should()
            .callMethod(Instant.class, "now")
            .orShould()
            .callMethod(LocalDate.class, "now")
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .dependOnClassesThat()
            .areAssignableTo(Clock.class);

    @ArchTest
    static final ArchRule MEASURES_WITHOUT_KNOWING_THE_CRAFT = noClasses()
            .that()
            .resideInAPackage("potmellow.core.measure..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("potmellow.core.book..", "potmellow.core.scaling..", "potmellow.core.strength..");

    /** What is held against the judgement must not come from it. */
    @ArchTest
    static final ArchRule PRACTISES_WITHOUT_KNOWING_THE_JUDGEMENT = noClasses()
            .that()
            .resideInAPackage("potmellow.core.practice..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "potmellow.core.ripening..",
                    "potmellow.core.judgement..",
                    "potmellow.core.pot..",
                    "potmellow.core.care..",
                    "potmellow.core.book..",
                    "potmellow.core.workings..");

    @ArchTest
    static final ArchRule RUNS_IN_NO_CIRCLES =
            slices().matching("potmellow.core.(*)..").should().beFreeOfCycles();
}
