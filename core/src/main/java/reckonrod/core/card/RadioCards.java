package reckonrod.core.card;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.fit.Placement;
import reckonrod.core.prove.CallingNote;
import reckonrod.core.radio.Handling;
import reckonrod.core.radio.Kind;
import reckonrod.core.radio.PowerLevel;
import reckonrod.core.radio.RadioSetting;
import reckonrod.core.radio.RadioSlot;

/** Cards that go with a radio: how it is used, what is in it, and what somebody must know to whom it is lent. */
public final class RadioCards {
    private static final BigDecimal MOST_WATTS_AT_THE_HEAD = BigDecimal.valueOf(5);

    private final RadioDefinition radio;
    private final List<Placement> inside;

    /**
     * For a radio.
     *
     * @param placements the list as it goes into it
     */
    public RadioCards(RadioDefinition radio, List<Placement> placements) {
        this.radio = radio;
        this.inside = placements.stream()
                .filter(each -> each.content().isPresent())
                .sorted(Comparator.comparingInt(each -> each.place().orElseThrow()))
                .toList();
    }

    /**
     * How it is used and set, and what is in it.
     *
     * @param name what it is called
     * @param now what its settings were when it was read last; those that are not known are missing
     * @param lines each channel in the notation, in the order of its slots
     */
    public List<Card> use(String name, Map<RadioSetting, String> now, List<String> lines) {
        List<CardPart> use = new ArrayList<>();
        radio.handling().ifPresent(each -> use.addAll(handling(each)));
        power().ifPresent(use::add);
        if (!radio.settings().isEmpty()) {
            use.add(new CardPart.Heading("Settings of the radio"));
            use.add(new CardPart.Table(
                    List.of("Setting", "Was", "Advised"),
                    radio.settings().stream()
                            .map(each -> List.of(each.name(), now.getOrDefault(each, "not known"), each.advised()))
                            .toList()));
        }
        List<CardPart> held = new ArrayList<>();
        held.add(slots());
        held.addAll(LineCodes.of(lines));
        return Stream.concat(
                        use.isEmpty() ? Stream.empty() : Stream.of(new Card(name, radio.title() + " · its use", use)),
                        Stream.of(new Card(name, radio.title() + " · what is in it", held)))
                .toList();
    }

    private static List<CardPart> handling(Handling handling) {
        List<CardPart> parts = new ArrayList<>();
        List<CardPart.Figure> figures = new ArrayList<>(List.of(
                new CardPart.Figure("On, louder", handling.on()),
                new CardPart.Figure("Another slot", handling.slot()),
                new CardPart.Figure("Talk", handling.talk()),
                new CardPart.Figure("Lock", handling.lock())));
        if (!handling.scan().isEmpty()) {
            figures.add(new CardPart.Figure("Scan", handling.scan()));
        }
        parts.add(new CardPart.Figures(figures));
        if (!handling.alone().isEmpty()) {
            parts.add(new CardPart.Heading("Leave alone"));
            handling.alone().forEach(each -> parts.add(new CardPart.Words(each)));
        }
        return parts;
    }

    /** A handheld near the head is used with little power. */
    private Optional<CardPart> power() {
        List<PowerLevel> levels = radio.model().limits().power();
        Optional<BigDecimal> most = levels.stream().map(PowerLevel::watts).max(Comparator.naturalOrder());
        return most.filter(each -> each.compareTo(MOST_WATTS_AT_THE_HEAD) > 0)
                .map(
                        each -> new CardPart.Caution(
                                radio.model().kind() == Kind.HANDHELD
                                        ? "It sends up to " + each.toPlainString()
                                                + " W. Near the head use a lower level; keep the antenna away from eyes and face."
                                        : "It sends up to " + each.toPlainString()
                                                + " W. Use no more than you need, and nobody stands near the antenna while it talks."));
    }

    private CardPart slots() {
        return new CardPart.Table(
                List.of("Slot", "Name", "Listen", "Talk", "Tone"),
                inside.stream()
                        .map(each -> {
                            RadioSlot content = each.content().orElseThrow();
                            return List.of(
                                    String.valueOf(each.place().orElseThrow()),
                                    each.called(),
                                    content.receive().toMegahertzText(),
                                    content.transmit()
                                            .map(talk ->
                                                    talk.equals(content.receive()) ? "same" : talk.toMegahertzText())
                                            .orElse("never"),
                                    content.talkTone().text().orElse("none"));
                        })
                        .toList());
    }

    /** Number and name of each slot, for the back of the radio; in parts that are cut and stuck on one by one. */
    public List<Card> strips(String name, int slotsAPart) {
        List<Card> cards = new ArrayList<>();
        for (int from = 0; from < inside.size(); from += slotsAPart) {
            List<Placement> part = inside.subList(from, Math.min(from + slotsAPart, inside.size()));
            cards.add(new Card(
                    name,
                    "Slots " + part.get(0).place().orElseThrow() + "–"
                            + part.get(part.size() - 1).place().orElseThrow(),
                    List.of(new CardPart.Table(
                            List.of("Slot", "Name", "Listen"),
                            part.stream()
                                    .map(each -> List.of(
                                            String.valueOf(each.place().orElseThrow()),
                                            each.called(),
                                            each.content()
                                                    .orElseThrow()
                                                    .receive()
                                                    .toMegahertzText()))
                                    .toList()))));
        }
        return cards;
    }

    /** What goes into it, by its slots. */
    public List<Placement> inside() {
        return inside;
    }

    /** With what somebody begins who knows nothing: the first slot that talks, or else the first; absent if nothing goes into it. */
    public Optional<Placement> first() {
        return inside.stream()
                .filter(each -> each.content().orElseThrow().transmit().isPresent())
                .findFirst()
                .or(() -> inside.stream().findFirst());
    }

    /**
     * For whoever has it: whose it is, the first steps, and what to do in an emergency.
     *
     * @param first the slot to begin with; one that goes into the radio
     */
    public List<Card> lending(Handed handed, Placement first) {
        List<CardPart> parts = new ArrayList<>();
        List<CardPart.Figure> whose = Stream.of(
                        new CardPart.Figure("Belongs to", handed.owner()),
                        new CardPart.Figure("Reached by", handed.reach()),
                        new CardPart.Figure("Lent to", handed.to()),
                        new CardPart.Figure("Back", handed.back()),
                        new CardPart.Figure("Note", handed.note()))
                .filter(each -> !each.value().isBlank())
                .toList();
        if (!whose.isEmpty()) {
            parts.add(new CardPart.Figures(whose));
        }
        RadioSlot content = first.content().orElseThrow();
        String called = "slot " + first.place().orElseThrow() + ", " + first.called() + " ("
                + content.receive().toMegahertzText() + ")";
        parts.add(new CardPart.Heading("Three first steps"));
        Optional<Handling> handling = radio.handling();
        parts.add(
                new CardPart.Words("1. " + handling.map(Handling::on).orElse("Switch it on and make it loud enough.")));
        parts.add(new CardPart.Words(
                "2. Go to " + called + ". " + handling.map(Handling::slot).orElse("")));
        parts.add(new CardPart.Words("3. "
                + (content.transmit().isPresent()
                        ? "Listen first. "
                                + handling.map(Handling::talk).orElse("Hold the talk key and speak; let go to listen.")
                        : "Listen; it does not talk there.")));
        handling.ifPresent(each -> {
            parts.add(new CardPart.Words("Keys locked? " + each.lock()));
            if (!each.alone().isEmpty()) {
                parts.add(new CardPart.Heading("Leave alone"));
                each.alone().forEach(one -> parts.add(new CardPart.Words(one)));
            }
        });
        parts.add(new CardPart.Heading("Emergency"));
        CallingNote.shipped().emergency().forEach(each -> parts.add(new CardPart.Words(each)));
        return List.of(new Card(handed.radio(), radio.title() + " · lent", parts));
    }
}
