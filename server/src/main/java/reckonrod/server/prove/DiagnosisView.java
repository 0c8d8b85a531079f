package reckonrod.server.prove;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.UUID;
import reckonrod.server.fieldlog.FieldTestView;
import reckonrod.server.find.FoundView;

/**
 * Why a channel is silent, on the wire.
 *
 * @param repeater what the directory calls its repeater; nothing if it has none
 * @param directoryId the key of that entry
 * @param known what the program knows of the case, in words
 * @param ranking all causes, the likeliest first
 * @param question what is worth most to ask now; nothing if nothing is worth asking
 * @param open all that can still be asked, the same in it
 * @param answered what was answered so far, in that order
 * @param bits how much is open yet
 * @param instead the next repeaters in reach, best first
 */
record DiagnosisView(
        UUID channelId,
        String channel,
        String line,
        @Schema(nullable = true) Integer slot,
        @Schema(nullable = true) String repeater,
        @Schema(nullable = true) String directoryId,
        List<String> known,
        List<RankedView> ranking,
        @Schema(nullable = true) QuestionView question,
        List<QuestionView> open,
        List<AnsweredView> answered,
        double bits,
        List<NextRepeaterView> instead) {
    /**
     * A cause in its place.
     *
     * @param likely how likely it is, in a word
     * @param percent the same in percent
     * @param mend the line that would be right; nothing where the channel is not at fault
     * @param takesNext whether another repeater is what helps
     * @param byTrial whether a tone that was found can be told
     */
    record RankedView(
            String id,
            String words,
            String means,
            String remedy,
            String likely,
            double percent,
            List<CauseReasonView> reasons,
            @Schema(nullable = true) MendView mend,
            boolean takesNext,
            boolean byTrial) {}

    /** What moved a cause; a factor below 1 spoke against it. */
    record CauseReasonView(String words, String rests, double factor) {}

    /** The line that a channel would have, and that it has now. */
    record MendView(String before, String line) {}

    /** Something to be asked, with what its answer is worth in bits. */
    record QuestionView(String id, String ask, String help, List<AnswerView> answers, double worth) {}

    /** One of its answers. */
    record AnswerView(String id, String words) {}

    /**
     * What was answered.
     *
     * @param seen the taps on which it rests; empty if it was answered
     */
    record AnsweredView(String id, String ask, String answer, String words, List<FieldTestView.SeenView> seen) {}

    /** Another repeater, with the line of its channel. */
    record NextRepeaterView(String id, String label, String line, double kilometres, FoundView.VerdictView verdict) {}
}
