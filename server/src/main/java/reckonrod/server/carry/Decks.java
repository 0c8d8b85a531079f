package reckonrod.server.carry;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.card.Card;
import reckonrod.core.card.CardWidth;
import reckonrod.core.card.ChannelCards;
import reckonrod.core.card.Deck;
import reckonrod.core.card.Handed;
import reckonrod.core.card.KeyCards;
import reckonrod.core.card.Origin;
import reckonrod.core.card.RadioCards;
import reckonrod.core.fit.Placement;
import reckonrod.core.keying.ListSheets;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.panel.Panel;
import reckonrod.core.radio.RadioSetting;
import reckonrod.server.fieldlog.FieldLog;
import reckonrod.server.fieldlog.FieldTestView;
import reckonrod.server.fit.Loading;
import reckonrod.server.lists.ListStore;
import reckonrod.server.lists.StoredList;
import reckonrod.server.plans.PlanLookup;
import reckonrod.server.problem.ProblemException;
import reckonrod.server.radios.RadioUnit;
import reckonrod.server.radios.RadioUnits;
import reckonrod.server.radios.Shelf;

/** Gathers what is known of a list and a radio, and makes cards of it. */
@Component
class Decks {
    private static final int MILLIS = 1_000;
    private static final int SLOTS_A_STRIP = 24;

    private final ListStore lists;
    private final RadioUnits radios;
    private final Loading loading;
    private final PlanLookup plans;
    private final FieldLog log;
    private final KeyWork work;
    private final Clock clock;

    Decks(
            ListStore lists,
            RadioUnits radios,
            Loading loading,
            PlanLookup plans,
            FieldLog log,
            KeyWork work,
            Clock clock) {
        this.work = work;
        this.lists = lists;
        this.radios = radios;
        this.loading = loading;
        this.plans = plans;
        this.log = log;
        this.clock = clock;
    }

    /** The cards that are asked for. */
    Deck of(UUID list, CardsRequest request) {
        StoredList stored = lists.get(list);
        Chosen chosen = new Chosen(stored.list(), plans.planOf(stored.list()), chosen(stored.list(), request));
        if (request.kind() == CardsRequest.CardKind.channel
                && (request.radio() == null || request.radio().isEmpty())) {
            return deck(stored, stored.list().name() + ", channels", CardWidth.CARD, channels(chosen));
        }
        if (request.radio() == null || request.radio().isEmpty()) {
            throw ProblemException.refused(
                    "radio-needed", "Which radio?", "These cards are about a radio. Choose one.");
        }
        RadioUnit unit = radios.get(request.radio());
        List<Placement> placements = loading.fit(unit, stored.list()).placements().stream()
                .filter(each -> chosen.ids().contains(each.entry().id()))
                .toList();
        RadioCards cards = new RadioCards(unit.definition(), placements);
        return switch (request.kind()) {
            case channel -> deck(stored, unit.name() + ", channels", CardWidth.CARD, channels(chosen, cards.inside()));
            case radio -> deck(stored, unit.name() + ", its use", CardWidth.CARD, use(unit, cards, chosen));
            case keys ->
                deck(stored, unit.name() + ", keyed in", CardWidth.CARD, keys(unit, chosen, request.onlyDiffering()));
            case settings -> deck(stored, unit.name() + ", its settings", CardWidth.CARD, settings(unit));
            case strip ->
                deck(stored, unit.name() + ", slots", CardWidth.STRIP, cards.strips(unit.name(), SLOTS_A_STRIP));
            case lending -> deck(stored, unit.name() + ", lent", CardWidth.CARD, lending(unit, cards, request));
        };
    }

    /** A list as a page for the pocket, with the key sheets of some radios. */
    PocketPage pocket(UUID list, List<String> radioIds) {
        StoredList stored = lists.get(list);
        ChannelList channels = stored.list();
        if (channels.entries().isEmpty()) {
            throw ProblemException.refused(
                    "nothing-to-print",
                    "There is nothing to take along",
                    "\"" + channels.name() + "\" is empty. Put channels into it first.");
        }
        ChannelCards cards = new ChannelCards(channels, plans.planOf(channels));
        Map<UUID, List<FieldTestView>> tests = log.ofChannels(
                channels.entries().values().stream().map(ListEntry::id).toList());
        List<PocketPage.PocketRadio> names = new ArrayList<>();
        Map<UUID, Map<String, PocketPage.PocketKeys>> keys = new HashMap<>();
        for (String id : new LinkedHashSet<>(radioIds)) {
            RadioUnit unit = radios.get(id);
            Panel panel = KnownKeys.of(unit.definition());
            ListSheets sheets = work.sheets(unit, channels, false);
            names.add(new PocketPage.PocketRadio(
                    unit.id(),
                    unit.name(),
                    sheets.machine().begins(),
                    panel.timing().pauseMillis() / MILLIS));
            sheets.placed()
                    .forEach((slot, placement) -> keys.computeIfAbsent(
                                    placement.entry().id(), any -> new LinkedHashMap<>())
                            .put(
                                    unit.id(),
                                    PocketPage.PocketKeys.of(
                                            slot, sheets.sheets().get(slot))));
        }
        List<PocketPage.PocketChannel> pocket = new ArrayList<>();
        channels.entries()
                .forEach((slot, entry) -> pocket.add(PocketPage.PocketChannel.of(
                        entry.id(),
                        cards.of(slot, entry, proven(channels, entry, tests)),
                        keys.getOrDefault(entry.id(), Map.of()))));
        return PocketPage.of(list, channels.name(), origin(stored), names, pocket);
    }

    private Origin origin(StoredList stored) {
        return Origin.ofList(
                stored.list().name(), stored.version(), clock.instant().atZone(clock.getZone()));
    }

    /**
     * What of a list is put on cards.
     *
     * @param ids the channels
     */
    private record Chosen(ChannelList list, BandPlan plan, Set<UUID> ids) {}

    private static Set<UUID> chosen(ChannelList list, CardsRequest request) {
        Set<UUID> there = new HashSet<>();
        list.entries().values().forEach(each -> there.add(each.id()));
        Set<UUID> wanted = request.chosen().orElse(there);
        if (!there.containsAll(wanted)) {
            long gone = wanted.stream().filter(each -> !there.contains(each)).count();
            throw ProblemException.refused(
                    "channel-gone",
                    "Not all of them are there",
                    gone + " of the chosen channels " + (gone == 1 ? "is" : "are") + " no longer in \"" + list.name()
                            + "\". Choose them again.");
        }
        return wanted;
    }

    private Deck deck(StoredList stored, String title, CardWidth width, List<Card> cards) {
        if (cards.isEmpty()) {
            throw ProblemException.refused(
                    "nothing-to-print",
                    "There is nothing to print",
                    "None of the channels goes on such a card: the list is empty, or the radio leaves all of them out.");
        }
        return new Deck(title, origin(stored), width, cards);
    }

    private List<Card> channels(Chosen chosen) {
        ChannelCards cards = new ChannelCards(chosen.list(), chosen.plan());
        Map<UUID, List<FieldTestView>> tests = log.ofChannels(chosen.ids());
        List<Card> all = new ArrayList<>();
        chosen.list().entries().forEach((slot, entry) -> {
            if (chosen.ids().contains(entry.id())) {
                all.add(cards.of(slot, entry, proven(chosen.list(), entry, tests)));
            }
        });
        return all;
    }

    private List<Card> channels(Chosen chosen, List<Placement> inside) {
        ChannelCards cards = new ChannelCards(chosen.list(), chosen.plan());
        Map<UUID, List<FieldTestView>> tests = log.ofChannels(chosen.ids());
        return inside.stream()
                .map(each -> cards.of(each, proven(chosen.list(), each.entry(), tests)))
                .toList();
    }

    private Optional<String> proven(ChannelList list, ListEntry entry, Map<UUID, List<FieldTestView>> tests) {
        return log.proofs(list, entry, tests.getOrDefault(entry.id(), List.of())).stream()
                .findFirst()
                .map(each -> "on " + day(each.at())
                        + (each.place().isBlank() ? "" : " at " + each.place())
                        + (each.radio().isBlank() ? "" : " with " + each.radio()));
    }

    private LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, clock.getZone());
    }

    private List<Card> use(RadioUnit unit, RadioCards cards, Chosen chosen) {
        Map<RadioSetting, String> now = new LinkedHashMap<>();
        radios.settings(unit).forEach((setting, value) -> value.ifPresent(known -> now.put(setting, known)));
        return cards.use(
                unit.name(),
                now,
                cards.inside().stream()
                        .map(each -> ChannelCards.line(each.entry().channel(), chosen.plan()))
                        .toList());
    }

    private List<Card> keys(RadioUnit unit, Chosen chosen, boolean differing) {
        ListSheets sheets = work.sheets(unit, chosen.list(), chosen.ids(), differing);
        // Of some channels only, the others would pass for what the list does not have.
        return KeyCards.of(unit.name(), sheets)
                .whole(sheets, chosen.ids().size() == chosen.list().entries().size());
    }

    private static List<Card> settings(RadioUnit unit) {
        KnownKeys.of(unit.definition());
        ListSheets sheets = ListSheets.of(unit.definition(), Optional.empty(), List.of());
        KeyCards cards = KeyCards.of(unit.name(), sheets);
        List<Card> all = new ArrayList<>(cards.settings(sheets.settings()));
        all.add(cards.reset(sheets.reset()));
        return all;
    }

    private List<Card> lending(RadioUnit unit, RadioCards cards, CardsRequest request) {
        Optional<Shelf.Lent> lent = unit.shelf().lent();
        Placement first = (request.first() == null
                        ? cards.first()
                        : cards.inside().stream()
                                .filter(each -> each.entry().id().equals(request.first()))
                                .findFirst())
                .orElseThrow(() -> ProblemException.refused(
                        "not-in-radio",
                        "Not in this radio",
                        request.first() == null
                                ? unit.name() + " has nothing of this list that one could begin with."
                                : unit.name() + " does not hold the channel that is to be the first. Choose another."));
        try {
            return cards.lending(
                    new Handed(
                            unit.name(),
                            text(request.owner()),
                            text(request.reach()),
                            lent.map(Shelf.Lent::to).orElse(""),
                            text(request.back()),
                            lent.map(Shelf.Lent::note).orElse("")),
                    first);
        } catch (IllegalArgumentException tooLong) {
            throw ProblemException.refused("card-too-small", "Too long for a card", tooLong.getMessage() + ".");
        }
    }

    private static String text(String given) {
        return given == null ? "" : given;
    }
}
