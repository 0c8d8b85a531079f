package reckonrod.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;
import reckonrod.core.finding.Severity;

/** Every word that the file has is read as its entry says, wherever the example of the entry has room for it. */
class VocabularyTest {
    private static final BandPlan PLAN =
            BandPlans.shipped().find("r2-north-america").orElseThrow();

    private record Entry(String example, List<String> spellings) {}

    static List<Entry> entries() {
        return DataFile.readResource(Vocabulary.class, "vocabulary.yaml", VocabularyTest::read);
    }

    private static List<Entry> read(Section file) {
        List<Entry> entries = new ArrayList<>();
        file.sections("entries", section -> {
            List<String> spellings = new ArrayList<>(section.values("words", word -> word));
            spellings.addAll(section.optionalValues("also", word -> word));
            for (String key : List.of("role", "means", "glued", "behind", "in_names")) {
                section.optionalText(key);
            }
            section.optionalText("example").ifPresent(example -> entries.add(new Entry(example, spellings)));
            return section;
        });
        return entries;
    }

    private static WorkedAnswer reckon(String line) {
        return Reckoner.reckon(line, PLAN);
    }

    private static List<String> told(WorkedAnswer answer) {
        return answer.findings().stream()
                .filter(finding -> finding.kind().severity() != Severity.NOTE)
                .map(finding -> finding.kind().code())
                .toList();
    }

    private static Optional<Channel> nameless(WorkedAnswer answer) {
        return answer.channel().map(channel -> channel.withName(""));
    }

    /** Where the word of the entry stands in its example: the longest that is found there as a word of its own. */
    private static String with(Entry entry, String spelling) {
        String longest = "";
        for (String each : entry.spellings) {
            if (each.length() > longest.length() && matcher(entry.example, each).find()) {
                longest = each;
            }
        }
        assertThat(longest).as("a word of %s in its example", entry).isNotEmpty();
        Matcher matcher = matcher(entry.example, longest);
        // A word may not stand joined to its figure as the letter does: a blank is always right.
        return matcher.replaceFirst(Matcher.quoteReplacement(" " + spelling + " "))
                .strip()
                .replaceAll(" +", " ");
    }

    private static String hyphened(String spelling) {
        return spelling.chars().allMatch(each -> each == ' ' || Character.isLetter(each))
                ? spelling.replace(' ', '-')
                : spelling;
    }

    private static Matcher matcher(String example, String word) {
        String edge = Character.isLetter(word.charAt(0)) ? "(?<![A-Za-z])" : "";
        String end = Character.isLetter(word.charAt(word.length() - 1)) ? "(?![A-Za-z])" : "";
        return Pattern.compile(edge + Pattern.quote(word) + end, Pattern.CASE_INSENSITIVE)
                .matcher(example);
    }

    @ParameterizedTest
    @MethodSource("entries")
    void everySpellingMeansTheSame(Entry entry) {
        WorkedAnswer meant = reckon(entry.example);
        for (String spelling : entry.spellings) {
            for (String written : List.of(spelling, spelling.toUpperCase(Locale.ROOT), hyphened(spelling))) {
                String line = with(entry, written);
                WorkedAnswer answer = reckon(line);
                assertThat(nameless(answer)).as(line).isEqualTo(nameless(meant));
                assertThat(told(answer)).as(line).isEqualTo(told(meant));
                assertThat(answer.channel().map(Channel::name))
                        .as("no word of %s is its name", line)
                        .isEqualTo(meant.channel().map(Channel::name));
            }
        }
    }

    /** A slip in a word of some length is told, with the word that was meant. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "145.310 simplx",
                "145.310 minsu",
                "145.310- 71.9 narow",
                "145.310- encdoe 71.9",
                "145.310 recieve only",
                "145.310- 71.9 linkd"
            })
    void aSlipIsTold(String line) {
        assertThat(told(reckon(line))).as(line).isNotEmpty();
    }

    @Test
    void theCardShowsEveryEntryThatHasAnExample() {
        assertThat(Vocabulary.card()).hasSameSizeAs(entries());
        assertThat(Vocabulary.card())
                .allSatisfy(each -> assertThat(each.words()).isNotEmpty());
    }
}
