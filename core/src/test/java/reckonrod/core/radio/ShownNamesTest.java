package reckonrod.core.radio;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ShownNamesTest {
    private static final String CAPITALS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789-/ ";
    private static final String BOTH = CAPITALS + "abcdefghijklmnopqrstuvwxyz";

    private static List<String> shown(NameRule rule, String... names) {
        return ShownNames.of(
                        Arrays.stream(names)
                                .map(name -> {
                                    String[] parts = name.split("=", -1);
                                    return new ShownNames.Wanted(
                                            parts[0], parts.length == 1 ? Optional.empty() : Optional.of(parts[1]));
                                })
                                .toList(),
                        rule)
                .stream()
                .map(ShownNames.Shown::shown)
                .toList();
    }

    @Test
    void knownWordsGoFirstVowelsLastAndFiguresStay() {
        assertThat(shown(new NameRule(10, BOTH), "Upper Skarra Tower", "Vellan Mountain 12", "Marine Weather"))
                .containsExactly("UpSkarrTwr", "VellnMtn12", "Marine Wx");
        assertThat(shown(new NameRule(5, CAPITALS), "SAFETY 1", "SAFETY 2", "SAFETY 12"))
                .containsExactly("SAF 1", "SAF 2", "SAF12");
    }

    @Test
    void aWholeLastWordTellsApartBeforeANumberDoes() {
        assertThat(shown(new NameRule(7, CAPITALS), "VELLAN HALT", "VELLAN HELT", "VELLAN HULT"))
                .containsExactly("VLLNHLT", "VLLHELT", "VLLHULT");
        assertThat(shown(new NameRule(5, CAPITALS), "QUARRELS", "QUARRELZ")).containsExactly("QRRLS", "QRRLZ");
        assertThat(shown(new NameRule(2, CAPITALS), "BADEN", "BADLY", "BX")).containsExactly("BD", "B2", "BX");
    }

    /** A short name of one's own is shown where it fits, however it looks, and the others keep away from it. */
    @Test
    void aChosenNameIsKept() {
        assertThat(shown(new NameRule(6, CAPITALS), "VELLAN HALL", "OSTREY NORTH=VLLNHL", "SKARRA TOP=Home"))
                .containsExactly("VLHALL", "VLLNHL", "HOME");
        // Where the whole name fits there is no need for it, and one that does not fit is none.
        assertThat(shown(new NameRule(12, BOTH), "OSTREY NORTH=VLLNHL", "SKARRA TOWER 2=ÅÅ"))
                .containsExactly("OSTREY NORTH", "SKARRA TWR 2");
    }

    /** Whatever the names: each fits, no two that differ look alike while there is a choice, and shortening again changes nothing. */
    @ParameterizedTest
    @ValueSource(ints = {5, 6, 7, 10, 12, 16})
    void namesThatDifferLookDifferent(int longest) {
        Random random = new Random(longest);
        NameRule rule = new NameRule(longest, longest < 10 ? CAPITALS : BOTH);
        List<String> words =
                List.of("VELLAN", "Skarra", "HALL", "HILL", "North", "Tower", "12", "2", "Ö", "MARINE", "é1");
        List<String> names = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            StringBuilder name = new StringBuilder(words.get(random.nextInt(words.size())));
            for (int more = random.nextInt(4); more > 0; more--) {
                name.append(' ').append(words.get(random.nextInt(words.size())));
            }
            names.add(name.toString());
        }
        List<String> distinct = List.copyOf(new HashSet<>(
                names.stream().map(each -> each.toUpperCase(Locale.ROOT)).toList()));
        List<String> shown = shown(rule, distinct.toArray(new String[0]));
        assertThat(shown).allMatch(rule::allows).doesNotContain("");
        assertThat(shown.stream().map(each -> each.toUpperCase(Locale.ROOT)).toList())
                .doesNotHaveDuplicates();
        assertThat(shown(rule, shown.toArray(new String[0]))).isEqualTo(shown);
    }
}
