package reckonrod.sim.air;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import reckonrod.core.air.Repeater;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.channel.Channel;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.definition.RadioDefinitions;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.directory.Mode;
import reckonrod.core.find.Finder;
import reckonrod.core.find.RepeaterPlace;
import reckonrod.core.geography.Position;
import reckonrod.core.image.ImageCodec;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.notation.Reckoner;
import reckonrod.core.prove.Paths;
import reckonrod.core.radio.RadioSlot;
import reckonrod.core.reach.Station;
import reckonrod.core.reach.Terrain;
import reckonrod.core.take.Taking;
import reckonrod.sim.SimulatedRadio;
import reckonrod.sim.world.World;

class AirTest {
    private static final BandPlan R2 =
            BandPlans.shipped().find("r2-north-america").orElseThrow();
    private static final Finder FINDER =
            new Finder(Station.of(1.5, -8, 5), R2, Terrain.UNKNOWN, LocalDate.of(2026, 11, 27));
    private static final Instant NOON = Instant.parse("2026-11-27T12:00:00Z");
    private static final List<DirectoryEntry> LISTED = World.shipped().repeaters();

    private static Air air(long seed) {
        return Air.over(LISTED, FINDER, new Paths(Terrain.UNKNOWN), seed);
    }

    private static DirectoryEntry skarra() {
        return LISTED.stream()
                .filter(each -> each.site().name().contains("Skarra"))
                .findFirst()
                .orElseThrow();
    }

    /** The radio's own bytes decide, so a slot that was written wrongly is silent here too. */
    @Test
    void whatTheBytesSayIsWhatIsSent() {
        DirectoryEntry entry = skarra();
        Repeater real =
                Repeater.of(entry, FINDER.input(entry), RepeaterPlace.of(entry).map(RepeaterPlace::place));
        Air air = Air.of(List.of(real), new Paths(Terrain.UNKNOWN), 1);
        RadioDefinition w12 = RadioDefinitions.shipped().find("wrenling-w12").orElseThrow();
        ImageCodec codec = new ImageCodec(w12);
        MemoryImage fresh = SimulatedRadio.fresh(w12, 5);
        Position beside = entry.site().position().orElseThrow().onCourse(200, 3_000);
        String tone = entry.signal().talkTone().toString().replace("CTCSS ", "");
        String pair = entry.signal().output().toMegahertzText() + " > "
                + FINDER.input(entry).toMegahertzText();
        for (Map.Entry<String, Boolean> each : Map.of(
                        pair + " " + tone, true, pair, false, pair + " listen " + tone, false, pair + " 67.0", false)
                .entrySet()) {
            Channel channel = Reckoner.reckon(each.getKey(), R2).channel().orElseThrow();
            MemoryImage written = codec.encode(fresh, Map.of(7, SilentCase.slot(channel.withName("SKARRA"))));
            RadioSlot held = codec.decode(written, 7).orElseThrow().content().orElseThrow();
            Air.Heard heard = air.keyUp(held, beside, "handheld", BigDecimal.valueOf(5), NOON);
            assertThat(heard.sent()).isTrue();
            assertThat(heard.tail()).as(each.getKey()).isEqualTo(each.getValue());
            assertThat(heard.opened().isPresent()).as(each.getKey()).isEqualTo(each.getValue());
        }
        RadioSlot listening =
                SilentCase.slot(Reckoner.reckon(entry.signal().output().toMegahertzText() + " listen only", R2)
                        .channel()
                        .orElseThrow());
        assertThat(air.keyUp(listening, beside, "handheld", BigDecimal.valueOf(5), NOON)
                        .sent())
                .isFalse();
    }

    /** The same seed is the same world; another is another, and in each some repeaters are not what their entries say. */
    @Test
    void someRepeatersAreNotAsListed() {
        assertThat(air(3).repeaters()).isEqualTo(air(3).repeaters());
        Set<String> changes = new HashSet<>();
        List<Integer> counts = new ArrayList<>();
        for (long seed = 1; seed <= 40; seed++) {
            int changed = 0;
            List<Repeater> real = air(seed).repeaters();
            for (int i = 0; i < LISTED.size(); i++) {
                Repeater asListed = Repeater.of(
                        LISTED.get(i),
                        FINDER.input(LISTED.get(i)),
                        RepeaterPlace.of(LISTED.get(i)).map(RepeaterPlace::place));
                Repeater now = real.get(i);
                if (!now.equals(asListed)) {
                    changed++;
                    changes.add(
                            now.works() != asListed.works()
                                    ? "off"
                                    : now.mode() != asListed.mode()
                                            ? "digital " + (now.mode() == Mode.DIGITAL)
                                            : now.hasTail() != asListed.hasTail() ? "no tail" : "tone");
                }
            }
            counts.add(changed);
        }
        assertThat(changes).containsExactlyInAnyOrder("off", "tone", "digital true", "no tail");
        assertThat(counts.stream().mapToInt(Integer::intValue).average().orElseThrow() / LISTED.size())
                .isBetween(0.08, 0.25);
    }

    /** Others talk at times, and somebody answers now and then: neither always nor never, and the same at the same moment. */
    @Test
    void othersAreOnTheAirAtTimes() {
        DirectoryEntry entry = skarra();
        Repeater real =
                Repeater.of(entry, FINDER.input(entry), RepeaterPlace.of(entry).map(RepeaterPlace::place));
        Air air = Air.of(List.of(real), new Paths(Terrain.UNKNOWN), 1);
        Position beside = entry.site().position().orElseThrow().onCourse(200, 3_000);
        RadioSlot slot = SilentCase.slot(Taking.channel(entry, R2).orElseThrow().withName("SKARRA"));
        int voices = 0;
        int answers = 0;
        for (int minute = 0; minute < 200; minute++) {
            Instant now = NOON.plusSeconds(minute * 60L);
            Air.Heard heard = air.keyUp(slot, beside, "handheld", BigDecimal.valueOf(5), now);
            assertThat(air.keyUp(slot, beside, "handheld", BigDecimal.valueOf(5), now))
                    .isEqualTo(heard);
            voices += heard.voices() ? 1 : 0;
            answers += heard.answered() ? 1 : 0;
        }
        assertThat(voices).isBetween(25, 80);
        assertThat(answers).isBetween(30, 90);
    }
}
