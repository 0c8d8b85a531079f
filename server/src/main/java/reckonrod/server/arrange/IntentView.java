package reckonrod.server.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import reckonrod.core.list.Intent;
import reckonrod.core.list.Listening;
import reckonrod.core.list.PowerPolicy;

/**
 * What a list is for, and how its channels are to be, on the wire.
 *
 * @param named the recipe in words
 * @param listenWords the listening policy in words
 * @param talkFrom where one talks from, where the policy asks
 * @param talkWords the power policy in words
 */
public record IntentView(
        String purpose,
        NamingView naming,
        String named,
        List<WholeEdits.Abbreviation> abbreviations,
        ListeningPolicy listen,
        String listenWords,
        TalkingPolicy talk,
        @Schema(nullable = true) SpotView talkFrom,
        String talkWords) {
    /** What channels wait for. */
    enum ListeningPolicy {
        per_channel,
        open,
        quiet_where_published;

        Listening policy() {
            return Listening.valueOf(name().toUpperCase(Locale.ROOT));
        }
    }

    /** With what power channels talk. */
    enum TalkingPolicy {
        as_typed,
        low_on_calling,
        lowest_that_reaches;

        static TalkingPolicy of(PowerPolicy policy) {
            return policy instanceof PowerPolicy.AsTyped
                    ? as_typed
                    : policy instanceof PowerPolicy.LowOnCalling ? low_on_calling : lowest_that_reaches;
        }
    }

    static IntentView of(Intent intent) {
        return new IntentView(
                intent.purpose(),
                NamingView.of(intent.naming()),
                intent.naming().words(),
                intent.abbreviations().entrySet().stream()
                        .map(each -> new WholeEdits.Abbreviation(each.getKey(), each.getValue()))
                        .toList(),
                ListeningPolicy.valueOf(intent.listening().name().toLowerCase(Locale.ROOT)),
                intent.listening().words(),
                TalkingPolicy.of(intent.power()),
                intent.power() instanceof PowerPolicy.LowestThatReaches reaching ? SpotView.of(reaching.from()) : null,
                intent.power().words());
    }
}
