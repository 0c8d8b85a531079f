package reckonrod.server.carry;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.fit.Placement;
import reckonrod.core.keying.KeySheet;
import reckonrod.core.keying.KeySheets;
import reckonrod.core.keying.PanelState;
import reckonrod.core.list.ChannelList;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelKey;
import reckonrod.core.panel.PanelWord;
import reckonrod.server.fit.Loading;
import reckonrod.server.lists.ListStore;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.radios.Snapshot;

/** How a channel is keyed into a radio by hand, found by a search over the panel's own states. */
@RestController
@RequestMapping("/api/lists/{list}/keys")
class KeySheetController {
    private static final int MILLIS = 1_000;

    private final ListStore lists;
    private final RadioUnits radios;
    private final Loading loading;

    KeySheetController(ListStore lists, RadioUnits radios, Loading loading) {
        this.lists = lists;
        this.radios = radios;
        this.loading = loading;
    }

    /** A few keys that are pressed in one go, and what the display shows then. */
    record KeyLineView(List<String> keys, List<String> shows) {}

    /**
     * How a channel is keyed in.
     *
     * @param slot the slot of the radio
     * @param holds what the radio was last read to hold there, in words; nothing if it was free or is not known
     * @param readAt when that was read; nothing if the radio never was
     * @param begin how to come to where the lines begin
     * @param lines what to press; none if the panel cannot do it
     * @param cannot what of the channel cannot be keyed in
     * @param filled what the display says if the slot is in use all the same; nothing if the radio stores over
     * @param ifFilled what to press then
     * @param seconds about how long it takes
     * @param pauseSeconds after so long without a key the menu closes and keeps nothing
     */
    record KeySheetView(
            String radio,
            UUID channelId,
            String channel,
            int slot,
            @Schema(nullable = true) String holds,
            @Schema(nullable = true) Instant readAt,
            String begin,
            List<KeyLineView> lines,
            List<String> cannot,
            @Schema(nullable = true) String filled,
            List<KeyLineView> ifFilled,
            int presses,
            int seconds,
            int pauseSeconds) {}

    @GetMapping
    KeySheetView keys(@PathVariable UUID list, @RequestParam UUID channel, @RequestParam String radio) {
        ChannelList channels = lists.get(list).list();
        RadioUnit unit = radios.get(radio);
        RadioDefinition definition = unit.definition();
        Panel panel = definition
                .panel()
                .orElseThrow(() -> ProblemException.refused(
                        "keys-unknown",
                        "Its keys are not known",
                        "The definition of the " + definition.title()
                                + " does not say what its keys do. It can be added under Models, as panel."));
        Placement placement = loading.fit(unit, channels).placements().stream()
                .filter(each -> each.entry().id().equals(channel))
                .findFirst()
                .orElseThrow(() -> ProblemException.notFound(
                        "This channel is not in \"" + channels.name() + "\" any more. Choose it again."));
        if (placement.content().isEmpty()) {
            throw ProblemException.refused(
                    "not-in-radio",
                    "Not in this radio",
                    unit.name() + " leaves " + placement.entry().channel().label() + " out: "
                            + placement.reasons().stream()
                                    .map(each -> each.why())
                                    .findFirst()
                                    .orElse("it does not fit."));
        }
        return sheet(unit, panel, placement);
    }

    private KeySheetView sheet(RadioUnit unit, Panel panel, Placement placement) {
        int slot = placement.place().orElseThrow();
        KeySheets search = new KeySheets(unit.definition());
        Optional<Snapshot> read = radios.lastRead(unit);
        PanelState from = read.map(each -> search.machine().begin(each.image()))
                .orElseGet(() -> search.machine().begin());
        KeySheet sheet = search.store(from, slot, placement.content().get());
        Optional<String> holds = search.machine().held(from, slot);
        KeySheet refused =
                search.whenRefused(from, sheet, slot, placement.content().get());
        return new KeySheetView(
                unit.name(),
                placement.entry().id(),
                placement.entry().channel().label(),
                slot,
                holds.orElse(null),
                read.map(Snapshot::takenAt).orElse(null),
                "Press " + panel.label(PanelKey.BACK) + " until no item is shown. If a slot is shown, press "
                        + panel.label(PanelKey.MODE) + " once, so that a frequency is.",
                lines(sheet),
                sheet.cannot(),
                refused.lines().isEmpty() ? null : panel.say(PanelWord.OCCUPIED),
                lines(refused),
                sheet.presses(),
                sheet.seconds(),
                panel.timing().pauseMillis() / MILLIS);
    }

    private static List<KeyLineView> lines(KeySheet sheet) {
        return sheet.lines().stream()
                .map(line -> new KeyLineView(
                        shortened(line.labels()),
                        line.shows().stream().filter(row -> !row.isEmpty()).toList()))
                .toList();
    }

    /** A key that is pressed often in a row, as a click of a dial is, stands once with how often; digits stand as they are typed. */
    private static List<String> shortened(List<String> labels) {
        List<String> keys = new ArrayList<>();
        for (int from = 0; from < labels.size(); ) {
            String label = labels.get(from);
            int to = from;
            while (to < labels.size() && labels.get(to).equals(label)) {
                to++;
            }
            if (label.length() > 1 && to - from > 1) {
                keys.add(label + " ×" + (to - from));
            } else {
                keys.addAll(labels.subList(from, to));
            }
            from = to;
        }
        return keys;
    }
}
