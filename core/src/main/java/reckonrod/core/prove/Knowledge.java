package reckonrod.core.prove;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import reckonrod.core.datafile.DataFile;
import reckonrod.core.datafile.Section;

/**
 * What is known of silent channels in general: causes, circumstances and questions, with figures that put them in order.
 *
 * @param causes all of them; no two with the same id
 * @param circumstances by id
 * @param questions in a fixed order that asks what is quickly looked at first
 */
public record Knowledge(List<Cause> causes, Map<String, Circumstance> circumstances, List<Question> questions) {
    // Chances are written to two digits.
    private static final double ROUNDING = 0.011;
    private static final Knowledge SHIPPED =
            DataFile.readResource(Knowledge.class, "/reckonrod/core/prove/knowledge.yaml", Knowledge::read);

    public Knowledge {
        causes = List.copyOf(causes);
        circumstances = Map.copyOf(circumstances);
        questions = List.copyOf(questions);
    }

    /** The shipped one. */
    public static Knowledge shipped() {
        return SHIPPED;
    }

    /** The cause with that id. */
    public Optional<Cause> cause(String id) {
        return causes.stream().filter(each -> each.id().equals(id)).findFirst();
    }

    /** The question with that id. */
    public Optional<Question> question(String id) {
        return questions.stream().filter(each -> each.id().equals(id)).findFirst();
    }

    /**
     * The circumstance with that id.
     *
     * @throws IllegalArgumentException if there is none
     */
    Circumstance circumstance(String id) {
        return Optional.ofNullable(circumstances.get(id))
                .orElseThrow(() -> new IllegalArgumentException("There is no circumstance \"" + id + "\""));
    }

    static Knowledge read(Section file) {
        List<Cause> causes = file.sections(
                "causes",
                each -> new Cause(
                        each.text("id"),
                        each.text("words"),
                        each.text("means"),
                        each.text("do"),
                        each.optionalText("mend").map(Cause.Mend::parse),
                        each.optionalText("next").isPresent(),
                        each.optionalText("trial").isPresent(),
                        positive(each, "base")));
        Set<String> known = new HashSet<>();
        causes.forEach(each -> requireNew(file, known, "cause", each.id()));
        Map<String, Circumstance> circumstances = new HashMap<>();
        file.sections("circumstances", each -> circumstance(each, known)).forEach(each -> {
            if (circumstances.put(each.id(), each) != null) {
                file.fault("circumstance \"" + each.id() + "\" stands here twice");
            }
        });
        List<Question> questions = file.sections("questions", each -> question(each, known, circumstances.keySet()));
        Set<String> asked = new HashSet<>();
        questions.forEach(each -> requireNew(file, asked, "question", each.id()));
        questions.forEach(each -> each.settledBy().forEach(other -> requireOne(file, asked, "question", other)));
        return new Knowledge(causes, circumstances, questions);
    }

    private static Circumstance circumstance(Section section, Set<String> causes) {
        Section factors = section.section("factors");
        Map<String, Double> read = new HashMap<>();
        for (String cause : factors.keys()) {
            requireOne(section, causes, "cause", cause);
            read.put(cause, positive(factors, cause));
        }
        return new Circumstance(section.text("id"), section.text("words"), section.text("rests"), read);
    }

    private static Question question(Section section, Set<String> causes, Set<String> circumstances) {
        Section answers = section.section("answers");
        List<Question.Answer> read = answers.keys().stream()
                .map(each -> new Question.Answer(each, answers.text(each)))
                .toList();
        Map<String, List<Double>> unlike = new HashMap<>();
        section.sections("unlike", Function.identity()).forEach(each -> {
            List<Double> chances = chances(each.section("chances"), read);
            each.values("causes", Function.identity()).forEach(cause -> {
                requireOne(each, causes, "cause", cause);
                if (unlike.put(cause, chances) != null) {
                    each.fault("cause \"" + cause + "\" stands here twice");
                }
            });
        });
        Set<String> unless = Set.copyOf(section.optionalValues("unless", Function.identity()));
        unless.forEach(each -> requireOne(section, circumstances, "circumstance", each));
        return new Question(
                section.text("id"),
                section.text("ask"),
                section.text("help"),
                section.text("rests"),
                positive(section, "answered"),
                read,
                unless,
                Set.copyOf(section.optionalValues("settled_by", Function.identity())),
                chances(section.section("usual"), read),
                unlike);
    }

    /** The chances of the answers, in their order; made to sum to one. */
    private static List<Double> chances(Section section, List<Question.Answer> answers) {
        List<Double> chances = new ArrayList<>();
        answers.forEach(answer -> chances.add(positive(section, answer.id())));
        double sum = chances.stream().mapToDouble(Double::doubleValue).sum();
        if (Math.abs(sum - 1) > ROUNDING) {
            section.fault("the chances of all answers must sum to 1, they sum to " + sum);
        }
        return chances.stream().map(each -> each / sum).toList();
    }

    private static double positive(Section section, String key) {
        return section.value(
                key,
                text -> {
                    double number = Double.parseDouble(text);
                    if (!(number > 0 && number < 1_000)) {
                        throw new IllegalArgumentException(key + " must be above 0 and below 1000, was " + text);
                    }
                    return number;
                },
                1.0);
    }

    private static void requireNew(Section section, Set<String> known, String what, String id) {
        if (!known.add(id)) {
            section.fault(what + " \"" + id + "\" stands here twice");
        }
    }

    private static void requireOne(Section section, Set<String> known, String what, String id) {
        if (!known.contains(id)) {
            section.fault("there is no " + what + " \"" + id + "\"");
        }
    }
}
