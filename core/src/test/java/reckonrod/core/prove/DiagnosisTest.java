package reckonrod.core.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.DataFileException;

class DiagnosisTest {
    /** Two causes, one question that tells them apart well and one that hardly does. */
    private static final String SMALL = """
            causes:
              - {id: one, words: "One", means: "m", do: "d", base: "3"}
              - {id: two, words: "Two", means: "m", do: "d", base: "1"}
            circumstances:
              - {id: known, words: "it is known", rests: "r", factors: {two: "9"}}
            questions:
              - id: weak
                ask: "Weak?"
                help: "h"
                answered: "1"
                rests: "r"
                answers: {yes: "Yes", no: "No"}
                usual: {yes: "0.5", no: "0.5"}
                unlike: [{causes: [two], chances: {yes: "0.6", no: "0.4"}}]
              - id: sharp
                ask: "Sharp?"
                help: "h"
                answered: "0.9"
                settled_by: [again]
                rests: "r"
                answers: {yes: "Yes", no: "No"}
                usual: {yes: "0.8", no: "0.2"}
                unlike: [{causes: [two], chances: {yes: "0.1", no: "0.9"}}]
              - id: again
                ask: "Again?"
                help: "h"
                answered: "0.1"
                unless: [known]
                rests: "r"
                answers: {yes: "Yes", no: "No"}
                usual: {yes: "0.8", no: "0.2"}
                unlike: [{causes: [two], chances: {yes: "0.1", no: "0.9"}}]
            """;

    private static Knowledge small(String text) {
        return DataFile.read("small.yaml", text, Knowledge::read);
    }

    private static double share(Diagnosis diagnosis, String cause) {
        return diagnosis.ranking().stream()
                .filter(each -> each.cause().id().equals(cause))
                .findFirst()
                .orElseThrow()
                .share();
    }

    /** 3 : 1, times 1 : 9, times 0.2 : 0.9, worked out by hand. */
    @Test
    void sharesFollowBayes() {
        Knowledge knowledge = small(SMALL);
        assertThat(share(new Diagnosis(knowledge, Set.of(), Map.of()), "one")).isEqualTo(0.75, within(1e-12));
        Diagnosis known = new Diagnosis(knowledge, Set.of("known"), Map.of());
        assertThat(share(known, "two")).isEqualTo(0.75, within(1e-12));
        Diagnosis answered = known.with("sharp", "no");
        assertThat(share(answered, "one")).isEqualTo(0.6 / (0.6 + 8.1), within(1e-12));
        assertThat(answered.bits()).isLessThan(known.bits());
        Diagnosis.Ranked two = answered.ranking().get(0);
        assertThat(two.words()).isEqualTo("almost certainly");
        assertThat(two.reasons()).extracting(Diagnosis.Reason::words).containsExactly("it is known", "Sharp? — No");
        double all = two.reasons().stream()
                .mapToDouble(Diagnosis.Reason::factor)
                .reduce(0.25, (product, each) -> product * each);
        assertThat(all).as("the reasons make the share").isEqualTo(two.share(), within(1e-12));
    }

    /** What is worth most comes first; what cannot be told, is senseless or settled does not come again. */
    @Test
    void theQuestionThatIsWorthMostIsAsked() {
        Knowledge knowledge = small(SMALL);
        Diagnosis start = new Diagnosis(knowledge, Set.of(), Map.of());
        assertThat(start.next().orElseThrow().id()).isEqualTo("sharp");
        Diagnosis cannotTell = start.with("sharp", Question.UNKNOWN);
        assertThat(share(cannotTell, "one")).isEqualTo(0.75, within(1e-12));
        assertThat(cannotTell.next().orElseThrow().id()).isEqualTo("again");
        assertThat(start.with("again", "no").open()).extracting(Question::id).containsExactly("weak");
        assertThat(new Diagnosis(knowledge, Set.of("known"), Map.of()).open())
                .extracting(Question::id)
                .containsExactly("weak", "sharp");
    }

    /** In whatever order answers come, and however often one is given anew or taken back, the end is the same. */
    @Test
    void answersCanBeTakenBack() {
        Knowledge knowledge = Knowledge.shipped();
        Set<String> circumstances = Set.of("talk-tone-listens", "talk-same", "output-same", "entry-fresh");
        Map<String, String> answers = new LinkedHashMap<>();
        answers.put("press", "expected");
        answers.put("display", "listen");
        Diagnosis one = new Diagnosis(knowledge, circumstances, answers);
        Diagnosis other = new Diagnosis(knowledge, circumstances, Map.of())
                .with("display", "frequency")
                .with("press", "expected")
                .with("display", "listen");
        assertThat(other.ranking().get(0).share())
                .isEqualTo(one.ranking().get(0).share(), within(1e-12));
        assertThat(one.ranking().get(0).cause().id()).isEqualTo("tone-side");
        Map<String, String> fewer = other.answers();
        fewer.remove("display");
        assertThat(new Diagnosis(knowledge, circumstances, fewer).open())
                .extracting(Question::id)
                .contains("display");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> one.with("display", "perhaps"))
                .withMessageContaining("sign, bare");
        assertThatIllegalArgumentException().isThrownBy(() -> one.with("weather", "fine"));
        assertThatIllegalArgumentException().isThrownBy(() -> new Diagnosis(knowledge, List.of("full-moon"), Map.of()));
    }

    /** A wrong figure or a name that leads nowhere is told with its place. */
    @Test
    void aTableWithFaultsIsRefused() {
        assertThatThrownBy(() -> small(SMALL.replace("usual: {yes: \"0.5\"", "usual: {yes: \"0.7\"")))
                .isInstanceOf(DataFileException.class)
                .hasMessageContaining("small.yaml")
                .hasMessageContaining("must sum to 1");
        assertThatThrownBy(() -> small(SMALL.replace("causes: [two]", "causes: [three]")))
                .hasMessageContaining("there is no cause \"three\"");
        assertThatThrownBy(() -> small(SMALL.replace("base: \"3\"", "base: \"0\"")))
                .hasMessageContaining("base must be above 0");
        assertThatThrownBy(() -> small(SMALL.replace("unless: [known]", "unless: [unknown]")))
                .hasMessageContaining("there is no circumstance \"unknown\"");
    }
}
