package reckonrod.core.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import reckonrod.core.Entries;
import reckonrod.core.Lists;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.exchange.ListLines;
import reckonrod.core.find.Finder;
import reckonrod.core.fit.Carrying;
import reckonrod.core.fit.Fitter;
import reckonrod.core.fit.Placement;
import reckonrod.core.geography.Position;
import reckonrod.core.geography.Route;
import reckonrod.core.keying.ListSheets;
import reckonrod.core.list.ChannelList;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.reach.Station;
import reckonrod.core.reach.Terrain;
import reckonrod.core.tone.Tone;
import reckonrod.core.trip.TripPlanner;

class CardsTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final ChannelList LIST = Lists.of(
            R2,
            "156.800 listen only MARINE",
            "\"OSTREY N\" 145.430- 118.8 E",
            "146.520 CALL",
            "LINK 145.350 > 433.475",
            "FELL 446.100 -5.000 D023N R67.0 NFM low");

    private static RadioDefinition radio(String id) {
        return RadioDefinitions.shipped().find(id).orElseThrow();
    }

    private static List<Placement> placements(RadioDefinition radio, Carrying carrying) {
        return new Fitter(radio.model(), R2, carrying).fit(LIST).placements();
    }

    /** Everything that a card says, in one line. */
    private static String said(Card card) {
        return card.title() + " | " + card.under() + " | "
                + card.parts().stream().map(CardsTest::said).collect(Collectors.joining(" | "));
    }

    private static String said(CardPart part) {
        if (part instanceof CardPart.Figures figures) {
            return figures.rows().stream()
                    .map(each -> each.what() + "=" + each.value())
                    .collect(Collectors.joining("; "));
        }
        return part instanceof CardPart.Table table
                ? String.valueOf(table.rows())
                : part instanceof CardPart.Words words
                        ? words.text()
                        : part instanceof CardPart.Code code ? "[" + code.text() + "]" : String.valueOf(part);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '!', textBlock = """
            0 ! Listen=156.800 MHz; Talk=never: only listen; Listen tone=none; Kind=FM
            1 ! Listen=145.430 MHz; Talk=144.830 MHz; Shift=−0.600 MHz; Talk tone=CTCSS 118.8; Listen tone=none; Kind=FM, high power
            2 ! Listen=146.520 MHz; Talk=the same; Talk tone=none; Listen tone=none; Kind=FM, high power
            3 ! Listen=145.350 MHz; Talk=433.475 MHz; Shift=none, another band; Talk tone=none; Listen tone=none; Kind=FM, high power
            4 ! Listen=446.100 MHz; Talk=441.100 MHz; Shift=−5.000 MHz; Talk tone=DCS 023 N; Listen tone=CTCSS 67.0; Kind=NFM, low power
            """)
    void aCardHasAllThatAChannelNeeds(int slot, String figures) {
        Card card = new ChannelCards(LIST, R2).of(slot, LIST.entries().get(slot), Optional.empty());
        assertThat(said(card)).contains("Slot " + slot, figures);
        // What is in the code is read back as the same channel.
        String line = card.parts().stream()
                .filter(CardPart.Code.class::isInstance)
                .map(each -> ((CardPart.Code) each).text())
                .findFirst()
                .orElseThrow();
        Channel back = Reckoner.reckon(line, R2).channel().orElseThrow();
        assertThat(back).isEqualTo(asItIs(LIST.entries().get(slot).channel()));
        assertThat(said(card).contains("Not yet answered"))
                .isEqualTo(back.transmit().isPresent());
    }

    private static Channel asItIs(Channel channel) {
        return ListLines.asItIs(channel);
    }

    @Test
    void whatIsKnownOfAChannelIsSaid() {
        assertThat(said(new ChannelCards(LIST, R2)
                        .of(1, LIST.entries().get(1), Optional.of("on 2026-11-20 at Harbour"))))
                .contains(
                        "Answered on 2026-11-20 at Harbour.", "Emergency power: stays on the air when the mains fail.");
    }

    /** The card of a radio says what that radio does, not what the list says. */
    @Test
    void whatIsOtherwiseInARadioStandsOnItsCard() {
        UUID id = LIST.entries().get(1).id();
        Carrying other = new Carrying(
                new Carrying.Places.Same(),
                Map.of(),
                Map.of(
                        id,
                        new Carrying.Overrule(
                                false, false, Optional.of("MINE"), Optional.of(Tone.parse("CTCSS 67.0")))));
        Placement placement = placements(radio("wrenling-w40"), other).stream()
                .filter(each -> each.entry().id().equals(id))
                .findFirst()
                .orElseThrow();
        assertThat(said(new ChannelCards(LIST, R2).of(placement, Optional.empty())))
                .startsWith("MINE | Slot 1")
                .contains("Talk tone=CTCSS 67.0", "[\"OSTREY N\" 145.430 -0.600 T118.8");
    }

    static List<RadioDefinition> radios() {
        return List.copyOf(RadioDefinitions.shipped().all());
    }

    @ParameterizedTest
    @MethodSource("radios")
    void eachShippedRadioSaysHowItIsUsedAndWhatIsInIt(RadioDefinition radio) {
        List<Placement> placements = placements(radio, Carrying.AS_LISTED);
        RadioCards cards = new RadioCards(radio, placements);
        List<Card> use = cards.use("Mine", Map.of(), List.of("146.520 CALL"));
        assertThat(use).hasSize(2);
        assertThat(said(use.get(0))).contains("On, louder=", "Another slot=", "Talk=", "Lock=", "not known");
        placements.forEach(each -> each.content()
                .ifPresent(content -> assertThat(said(use.get(1)))
                        .contains(
                                "[" + each.place().orElseThrow() + ", ",
                                content.receive().toMegahertzText())));
        Placement first = placements.stream()
                .filter(each -> each.content().isPresent())
                .findFirst()
                .orElseThrow();
        String lent = said(cards.lending(new Handed("Mine", "QV1AB", "", "", "Sunday", ""), first)
                .get(0));
        assertThat(lent)
                .contains(
                        "Belongs to=QV1AB; Back=Sunday",
                        "2. Go to slot " + first.place().orElseThrow(),
                        "emergency number")
                .doesNotContain("Reached by", "Lent to");
        assertThat(lent.contains("it does not talk there"))
                .isEqualTo(first.content().orElseThrow().transmit().isEmpty());
        KeyCards keys = new KeyCards("Mine", "Begin there.", 10);
        ListSheets sheets = ListSheets.of(radio, Optional.empty(), placements);
        String front = said(keys.front(List.copyOf(sheets.sheets().values()), sheets.linkSeconds(), List.of("GONE")));
        assertThat(front).contains("Begin there.", sheets.presses() + " keys in all", "Not in this radio: GONE.");
        assertThat(front.contains("It has no link")).isEqualTo(radio.link().isEmpty());
    }

    /** Near the head little power is enough, and near the antenna of a car nobody stands. */
    @Test
    void muchPowerIsCautioned() {
        assertThat(said(new RadioCards(radio("kestrow-km90"), List.of())
                        .use("Car", Map.of(), List.of())
                        .get(0)))
                .contains("up to 50 W");
        assertThat(said(new RadioCards(radio("wrenling-w12"), List.of())
                        .use("W", Map.of(), List.of())
                        .get(0)))
                .doesNotContain("It sends up to");
    }

    @Test
    void aStripIsCutIntoPartsOfSoManySlots() {
        RadioDefinition radio = radio("kestrow-km90");
        List<Card> strips = new RadioCards(radio, placements(radio, Carrying.AS_LISTED)).strips("Car", 2);
        assertThat(strips).extracting(Card::under).first().asString().startsWith("Slots 0–");
        assertThat(strips.stream()
                        .flatMap(each -> ((CardPart.Table) each.parts().get(0)).rows().stream()))
                .hasSize((int) placements(radio, Carrying.AS_LISTED).stream()
                        .filter(each -> each.content().isPresent())
                        .count());
    }

    @Test
    void aTripSaysFromWhereToWhereAndWhereNobodyIsHeard() {
        Position start = new Position(47.5, -38);
        Route route = Route.along(List.of(start, start.onCourse(90, 300_000)));
        Finder finder = new Finder(Station.of(2, 0, 25), R2, Terrain.UNKNOWN, LocalDate.of(2026, 11, 24));
        String said = said(TripCards.of(
                        new TripPlanner(R2, Terrain.UNKNOWN, finder)
                                .plan(
                                        route,
                                        List.of(
                                                Entries.at("v:a", "begin", start.onCourse(90, 40_000))
                                                        .build(),
                                                Entries.at("v:b", "end", start.onCourse(90, 290_000))
                                                        .build()),
                                        false,
                                        new TripPlanner.Wish(0, 0, false)),
                        R2)
                .get(0));
        assertThat(said).contains("[[0.0, ", "begin", "300.0, ", "end", "Nobody is heard: km ");
    }

    /** No code is larger than a telephone reads, none parts a line, and together they hold all lines in their order. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 7, 100, 500})
    void codesHoldWholeLines(int count) {
        List<String> lines = IntStream.range(0, count)
                .mapToObj(i -> "\"ÖSTREY " + "x".repeat(i % 20) + "\" 145." + (100 + i) + " -0.600 T118.8")
                .toList();
        List<CardPart.Code> codes = LineCodes.of(lines);
        assertThat(codes.stream().flatMap(each -> each.text().lines())).containsExactlyElementsOf(lines);
        assertThat(codes).allMatch(each -> each.text().getBytes(StandardCharsets.UTF_8).length <= LineCodes.MOST_BYTES);
        assertThat(codes.get(codes.size() - 1).says())
                .contains(codes.size() > 1 ? codes.size() + " of " + codes.size() : "as a code");
    }

    @Test
    void whatDoesNotGoOnACardIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> LineCodes.of(List.of("ö".repeat(LineCodes.MOST_BYTES / 2 + 1))))
                .withMessageContaining("at most 280 bytes");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Handed("R", "x".repeat(121), "", "", "", ""))
                .withMessageContaining("at most 120 characters for a card, was 121");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new CardPart.Table(List.of("a", "b"), List.of(List.of("1"))))
                .withMessageContaining("must have 2 cells, had 1");
        assertThatIllegalArgumentException().isThrownBy(() -> new Card(" ", "", List.of()));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Deck(
                        "T", Origin.ofList("L", 1, OffsetDateTime.MIN.toZonedDateTime()), CardWidth.CARD, List.of()));
    }

    /** Paper outlives what it says, so the moment on it has its offset. */
    @Test
    void theOriginSaysVersionMomentAndOffset() {
        assertThat(Origin.ofList(
                                "Home",
                                12,
                                OffsetDateTime.parse("2026-11-28T09:05:59+01:00")
                                        .toZonedDateTime())
                        .words())
                .isEqualTo("Home, version 12 · made 2026-11-28 09:05 (UTC+01:00)");
        assertThat(Origin.ofList(
                                "Home",
                                12,
                                OffsetDateTime.parse("2026-11-28T09:05:59Z").toZonedDateTime())
                        .words())
                .endsWith("09:05 (UTC)");
    }
}
