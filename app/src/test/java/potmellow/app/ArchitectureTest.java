package potmellow.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noFields;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.flywaydb.core.api.migration.JavaMigration;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.web.bind.annotation.RestController;

@AnalyzeClasses(packages = "potmellow", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule CORE_KNOWS_NOTHING_OF_THE_APPLICATION = noClasses()
            .that()
            .resideInAPackage("potmellow.core..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("potmellow.app..", "org.springframework..");

    @ArchTest
    static final ArchRule FEATURES_FORM_NO_CIRCLE =
            slices().matching("potmellow.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule ONLY_REPOSITORIES_TALK_SQL = noClasses()
            .that()
            .areNotAnnotatedWith(Repository.class)
            .and()
            .areNotAssignableTo(JavaMigration.class)
            .should()
            .dependOnClassesThat()
            .areAssignableTo(JdbcClient.class);

    @ArchTest
    static final ArchRule REPOSITORIES_STAY_IN_THEIR_FEATURE =
            classes().that().areAnnotatedWith(Repository.class).should().bePackagePrivate();

    @ArchTest
    static final ArchRule CONTROLLERS_STAY_IN_THEIR_FEATURE =
            classes().that().areAnnotatedWith(RestController.class).should().bePackagePrivate();

    @ArchTest
    static final ArchRule NOTHING_IS_INJECTED_INTO_FIELDS = noFields().should().beAnnotatedWith(Autowired.class);
}
