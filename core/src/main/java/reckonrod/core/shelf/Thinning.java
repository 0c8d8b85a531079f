package reckonrod.core.shelf;

import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;

/**
 * Which snapshots of one radio can go. All of the last days stay, then the last of each day, then the last of each month for
 * ever; and always the newest, the oldest, and what somebody wants kept.
 *
 * @param allDays for how many days all of them stay
 * @param dailyDays for how many days after those one a day stays
 */
public record Thinning(int allDays, int dailyDays) {
    /** What is usual: all of a week, one a day of a month and a half, then one a month. */
    public static final Thinning USUAL = new Thinning(7, 45);

    /**
     * A snapshot.
     *
     * @param kept whether it stays whatever the rule says
     */
    public record Held(UUID id, Instant takenAt, boolean kept) {}

    public Thinning {
        if (allDays < 1 || dailyDays < 0) {
            throw new IllegalArgumentException(
                    "All of at least one day must stay, was " + allDays + " and " + dailyDays + " days");
        }
    }

    /**
     * Those that can go.
     *
     * @param snapshots of one radio, in any order
     * @param now the present
     * @param zone where a day begins and ends
     */
    public List<UUID> canGo(List<Held> snapshots, Instant now, ZoneId zone) {
        List<Held> newestFirst = new ArrayList<>(snapshots);
        newestFirst.sort(Comparator.comparing(Held::takenAt).reversed());
        Instant all = now.minus(allDays, ChronoUnit.DAYS);
        Instant daily = all.minus(dailyDays, ChronoUnit.DAYS);
        Set<LocalDate> days = new HashSet<>();
        Set<YearMonth> months = new HashSet<>();
        List<UUID> going = new ArrayList<>();
        for (int i = 0; i < newestFirst.size(); i++) {
            Held each = newestFirst.get(i);
            LocalDate day = each.takenAt().atZone(zone).toLocalDate();
            boolean lastOfItsTime = each.takenAt().isAfter(daily) ? days.add(day) : months.add(YearMonth.from(day));
            boolean end = i == 0 || i == newestFirst.size() - 1;
            if (!each.kept() && !end && !each.takenAt().isAfter(all) && !lastOfItsTime) {
                going.add(each.id());
            }
        }
        return going;
    }
}
