package reckonrod.server.carry;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Instant;
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
import reckonrod.core.keying.ListSheets;
import reckonrod.core.keying.PanelState;
import reckonrod.core.list.ChannelList;
import reckonrod.core.panel.Panel;
import reckonrod.core.panel.PanelWord;
import reckonrod.core.radio.RadioSetting;
import reckonrod.core.radio.RadioSlot;
import reckonrod.server.fit.Loading;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;
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
    private final Clock clock;
    private final KeyWork work;

    KeySheetController(ListStore lists, RadioUnits radios, Loading loading, Clock clock, KeyWork work) {
        this.work = work;
        this.clock = clock;
        this.lists = lists;
        this.radios = radios;
        this.loading = loading;
    }

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

    /**
     * One slot of a whole list.
     *
     * @param lines what to press; none if the panel cannot do it
     * @param cannot what of it cannot be keyed in
     */
    record SlotSheetView(
            UUID channelId,
            String channel,
            int slot,
            String content,
            List<KeyLineView> lines,
            List<String> cannot,
            int presses,
            int seconds) {}

    /**
     * Setting by setting as this program advises, where only the radio itself reaches it.
     *
     * @param why what goes wrong with another value
     */
    record SettingSheetView(String name, String advised, String why, List<KeyLineView> lines, List<String> cannot) {}

    /**
     * A whole list keyed in by hand.
     *
     * @param version changes with every change of the list
     * @param left the channels that the radio leaves out
     * @param linkSeconds how long its link takes for the same; nothing if it has none
     * @param readAt when the radio was read last; nothing if it never was
     * @param spare the slots that only the radio holds, where only differences are asked for
     * @param settings the advised settings, as steps
     * @param reset how everything is cleared; no lines if its keys cannot
     */
    record ListSheetView(
            String radio,
            String model,
            String list,
            long version,
            Instant madeAt,
            String begin,
            int pauseSeconds,
            List<SlotSheetView> slots,
            List<String> left,
            int presses,
            int seconds,
            @Schema(nullable = true) Integer linkSeconds,
            @Schema(nullable = true) Instant readAt,
            List<SpareSheetView> spare,
            List<SettingSheetView> settings,
            List<KeyLineView> reset) {}

    /**
     * A slot that only the radio holds, and how it is cleared if the person wants that.
     *
     * @param lines what to press; none if the panel cannot do it
     */
    record SpareSheetView(int slot, String content, List<KeyLineView> lines) {}

    /**
     * The whole list, slot by slot. Each slot begins anew, so that a slip in one does no harm to the next.
     *
     * @param differing only what differs from what the radio was read to hold last; what only the radio holds stays
     */
    @GetMapping("/all")
    ListSheetView all(
            @PathVariable UUID list,
            @RequestParam String radio,
            @RequestParam(defaultValue = "false") boolean differing) {
        StoredList stored = lists.get(list);
        RadioUnit unit = radios.get(radio);
        Panel panel = KnownKeys.of(unit.definition());
        ListSheets sheets = work.sheets(unit, stored.list(), differing);
        List<SlotSheetView> slots = sheets.placed().entrySet().stream()
                .map(each -> slot(each.getValue(), sheets.sheets().get(each.getKey())))
                .toList();
        return new ListSheetView(
                unit.name(),
                unit.definition().title(),
                stored.list().name(),
                stored.version(),
                clock.instant(),
                sheets.machine().begins(),
                panel.timing().pauseMillis() / MILLIS,
                slots,
                sheets.left().stream()
                        .map(each -> each.entry().channel().label())
                        .toList(),
                sheets.presses(),
                sheets.seconds(),
                sheets.linkSeconds().orElse(null),
                radios.lastRead(unit).map(Snapshot::takenAt).orElse(null),
                spare(unit, sheets),
                sheets.settings().entrySet().stream()
                        .map(each -> setting(each.getKey(), each.getValue()))
                        .toList(),
                lines(sheets.reset()));
    }

    private List<SpareSheetView> spare(RadioUnit unit, ListSheets sheets) {
        Optional<PanelState> read =
                radios.lastRead(unit).map(each -> sheets.machine().begin(each.image()));
        return sheets.spare().entrySet().stream()
                .map(each -> new SpareSheetView(
                        each.getKey(),
                        read.flatMap(state -> sheets.machine().held(state, each.getKey()))
                                .orElse(""),
                        lines(each.getValue())))
                .toList();
    }

    private static SlotSheetView slot(Placement placement, KeySheet sheet) {
        RadioSlot content = placement.content().orElseThrow();
        return new SlotSheetView(
                placement.entry().id(),
                placement.entry().channel().label(),
                placement.place().orElseThrow(),
                (content.name() + " " + content.words()).strip(),
                lines(sheet),
                sheet.cannot(),
                sheet.presses(),
                sheet.seconds());
    }

    private static SettingSheetView setting(RadioSetting setting, KeySheet sheet) {
        return new SettingSheetView(setting.name(), setting.advised(), setting.why(), lines(sheet), sheet.cannot());
    }

    @GetMapping
    KeySheetView keys(@PathVariable UUID list, @RequestParam UUID channel, @RequestParam String radio) {
        ChannelList channels = lists.get(list).list();
        RadioUnit unit = radios.get(radio);
        RadioDefinition definition = unit.definition();
        Panel panel = KnownKeys.of(definition);
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
                search.machine().begins(),
                lines(sheet),
                sheet.cannot(),
                refused.lines().isEmpty() ? null : panel.say(PanelWord.OCCUPIED),
                lines(refused),
                sheet.presses(),
                sheet.seconds(),
                panel.timing().pauseMillis() / MILLIS);
    }

    private static List<KeyLineView> lines(KeySheet sheet) {
        return sheet.lines().stream().map(KeyLineView::of).toList();
    }
}
