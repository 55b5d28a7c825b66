package potmellow.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static potmellow.core.bench.Turned.refusing;
import static potmellow.core.bench.Turned.turn;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.bench.Reply.Remark;
import potmellow.core.strength.Dress;
import potmellow.core.strength.Ratio;

/** The ratio reader: what people say, what it means in a can, and what could be meant by what nobody can read. */
class SayingsTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            2 tablespoons to a gallon | 128
            1:500 | 500
            20 ml per 10 litres | 500
            10 to 1 | 10
            0.2 % | 499
            an ounce in five gallons | 640
            1 tbsp per gallon | 256
            1 fl oz per gallon | 128
            2 tsp per gallon | 384
            one tablespoon to a gallon | 256
            three tablespoons to a gallon | 85.333
            1 cup to 4 gallons | 64
            half cup per gallon | 32
            1 quart to 5 gallons | 20
            5 ml per litre | 200
            1 ml/l | 1000
            1.25 ml per litre | 800
            1,25 ml per litre | 800
            10 mL into 5 L | 500
            30 mL to 15 L | 500
            20 mL made up to 10 L | 499
            1 in 1000 | 999
            1 to 1000 | 1000
            1 part to 20 parts | 20
            neat | 0
            undiluted | 0
            50 | 50
            1:30 | 30
            30:1 | 30
            2:1000 | 500
            1 % | 99
            5 percent | 19
            0,1 per cent | 999
            1:10 then 1:50 | 560
            1:2 then 1:2 | 8
            1 cup to 1 litre | 4
            1 tbsp to 1 L | 66.667
            1 tsp to 1 L | 200
            a cup to ten litres | 40
            ¼ cup per gallon | 64
            ½ tsp per gallon | 1536
            """)
    void readsWhatIsClear(String saying, double water) {
        assertThat(turn("ratio", "saying", saying).value("water")).isCloseTo(water, within(0.01));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            20 ml | 20 ml to 10 L
            2 tablespoons | 2 tablespoons to 1 gallon
            a cup | 1 cup to 1 L
            2 in a gallon | 2 tbsp to a gallon
            2 per litre | 2 ml to litre
            5 to 10 litres | 5 ml to 10 litres
            """)
    void answersTheUnclearWithWhatCouldBeMeant(String saying, String meaning) {
        refusing("ratio", "saying", saying)
                .hasMessageContaining("It could mean ")
                .hasMessageContaining(meaning);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "strong",
                "a bit",
                "the usual",
                "weak tea colour",
                "1:x",
                "1::500",
                "half and half and half",
                "as my neighbour does",
                "500 %",
                "-1:500",
                "one to many",
                "1:500000",
                "20 kg of water",
                "???",
                "to taste"
            })
    void refusesWhatNobodyCanRead(String saying) {
        refusing("ratio", "saying", saying);
    }

    /** Check value 2: "made up to" against "to". */
    @Test
    void showsBothReadings() {
        assertThat(turn("ratio", "saying", "1:10").remarks())
                .anyMatch(remark -> remark.words().contains("“Made up to” so many parts would be 1:9, 10 % stronger."));
    }

    @Test
    void asksWhereTheLargerNumberStandsFirst() {
        assertThat(turn("ratio", "saying", "10 to 1").remarks())
                .anyMatch(remark ->
                        remark.kind() == Remark.Kind.WARNING && remark.words().contains("larger number"));
        assertThat(turn("ratio", "saying", "1 to 10").remarks())
                .noneMatch(remark -> remark.words().contains("larger number"));
    }

    /** Check value 9 and section 3: gardeners really mix these up. */
    @ParameterizedTest
    @CsvSource({
        "2 fl oz per gallon, 1:1000, 15.4",
        "1 fl oz per gallon, 1 tbsp per gallon, 1.99",
        "10 to 1, 1 tbsp per gallon, 23.4"
    })
    void comparesTwoSayings(String one, String other, double times) {
        assertThat(turn("ratio", "saying", one, "other", other).value("times")).isCloseTo(times, within(0.05));
    }

    /** Check value 6: 7.5 L at 1:800. */
    @Test
    void measuresIntoACan() {
        Reply answer = turn("ratio", "saying", "1:800", "can", "7.5 L");
        assertThat(answer.value("brew")).isCloseTo(9.36, within(0.005));
        assertThat(answer.value("brew") + answer.value("canWater"))
                .as("nothing is lost")
                .isCloseTo(7500, within(1e-6));
    }

    /** Check values 7 and 5: 350 mL at 1:256; 1:10 then 1:50. */
    @Test
    void tellsHowFarAStoreGoes() {
        assertThat(turn("ratio", "saying", "1:256", "have", "350 mL").value("makes"))
                .isCloseTo(89.95, within(0.005));
        assertThat(turn("ratio", "saying", "1:10 then 1:50").value("makes")).isCloseTo(561, within(1e-6));
    }

    @ParameterizedTest
    @EnumSource(Dress.class)
    void dressesEveryStrengthThereAndBack(Dress dress) {
        for (double water : new double[] {4, 30, 256, 500, 5000}) {
            double amount = turn("ratio", "saying", "1:" + water).value(dress.name());
            assertThat(dress.ratio(amount).water()).isCloseTo(Ratio.oneTo(water).water(), within(water * 1e-9));
        }
    }

    @Test
    void complainsBesideTheSayingThatIsUnclear() {
        refusing("ratio", "other", "a splash");
        refusing("ratio", "can", "big");
    }
}
