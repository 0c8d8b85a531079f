package reckonrod.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import reckonrod.core.shelf.Thinning.Held;

class ThinningTest {
    private static final Instant NOW = Instant.parse("2026-05-03T10:00:00Z");

    private static Held held(int number, Duration ago, boolean kept) {
        return new Held(new UUID(0, number), NOW.minus(ago), kept);
    }

    private static List<Long> stays(List<Held> all) {
        List<UUID> going = Thinning.USUAL.canGo(all, NOW, ZoneOffset.UTC);
        return all.stream()
                .map(Held::id)
                .filter(id -> !going.contains(id))
                .map(UUID::getLeastSignificantBits)
                .toList();
    }

    @Test
    void allOfAWeekThenOneADayThenOneAMonth() {
        List<Held> all = new ArrayList<>();
        // Four a day for 120 days, the first of each day in the morning.
        for (int i = 0; i < 480; i++) {
            all.add(held(i, Duration.ofHours(6L * i), false));
        }
        List<Long> stays = stays(all);
        assertThat(stays).contains(0L, 1L, 2L, 27L).contains(479L);
        long ofAWeek = stays.stream().filter(id -> id < 28).count();
        long daily = stays.stream().filter(id -> id >= 28 && id < 28 + 4 * 45).count();
        long monthly = stays.stream().filter(id -> id >= 28 + 4 * 45).count();
        assertThat(ofAWeek).isEqualTo(28);
        assertThat(daily).isBetween(44L, 46L);
        assertThat(monthly).isBetween(3L, 4L);
        assertThat(stays(all.stream()
                        .filter(each -> stays.contains(each.id().getLeastSignificantBits()))
                        .toList()))
                .as("twice is as once")
                .isEqualTo(stays);
    }

    @Test
    void whatIsWantedTheNewestAndTheOldestStay() {
        List<Held> old = List.of(
                held(1, Duration.ofDays(400), false),
                held(2, Duration.ofDays(401), true),
                held(3, Duration.ofDays(402), false),
                held(4, Duration.ofDays(403), false));
        assertThat(stays(old)).containsExactly(1L, 2L, 4L);
        assertThat(stays(List.of())).isEmpty();
    }
}
