package reckonrod.server.carry;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import reckonrod.core.card.Card;
import reckonrod.core.card.CardPart;
import reckonrod.core.card.Origin;
import reckonrod.core.keying.KeySheet;
import reckonrod.core.prove.CallingNote;

/**
 * What a pocket page holds.
 *
 * @param listId of which list
 * @param made from what it was made, and when
 * @param calling how a first call is made
 * @param emergency what to do when life is in danger
 * @param radios the radios whose keys are in it
 * @param channels the channels, in the order of their slots
 */
record PocketPage(
        UUID listId,
        String title,
        String made,
        String cautions,
        List<String> calling,
        List<String> emergency,
        List<PocketRadio> radios,
        List<PocketChannel> channels) {
    /** A radio by its id, and how one comes to where its sheets begin. */
    record PocketRadio(String id, String name, String begin, int pauseSeconds) {}

    /**
     * A channel.
     *
     * @param figures what it is and its value
     * @param says what else there is to say
     * @param keys how it is keyed in, by the id of the radio
     */
    record PocketChannel(
            UUID id,
            String name,
            String under,
            String line,
            Map<String, String> figures,
            List<String> says,
            Map<String, PocketKeys> keys) {
        static PocketChannel of(UUID id, Card card, Map<String, PocketKeys> keys) {
            Map<String, String> figures = new LinkedHashMap<>();
            List<String> says = new ArrayList<>();
            String line = "";
            for (CardPart part : card.parts()) {
                if (part instanceof CardPart.Figures rows) {
                    rows.rows().forEach(each -> figures.put(each.what(), each.value()));
                } else if (part instanceof CardPart.Words words) {
                    says.add(words.text());
                } else if (part instanceof CardPart.Typed typed) {
                    line = typed.line();
                }
            }
            return new PocketChannel(id, card.title(), card.under(), line, figures, says, keys);
        }
    }

    /**
     * How a channel is keyed in.
     *
     * @param steps line by line: what the display shows then, and the keys, with tabs between them, for it is the most of the page
     */
    record PocketKeys(int slot, List<String> steps, List<String> cannot) {
        static PocketKeys of(int slot, KeySheet sheet) {
            return new PocketKeys(
                    slot,
                    sheet.lines().stream()
                            .map(each -> String.join(" · ", each.told()) + "\t" + String.join("\t", each.shortLabels()))
                            .toList(),
                    sheet.cannot());
        }
    }

    static PocketPage of(
            UUID list, String title, Origin origin, List<PocketRadio> radios, List<PocketChannel> channels) {
        CallingNote note = CallingNote.shipped();
        return new PocketPage(
                list, title, origin.words(), Origin.CAUTIONS, note.firstCall(), note.emergency(), radios, channels);
    }
}
