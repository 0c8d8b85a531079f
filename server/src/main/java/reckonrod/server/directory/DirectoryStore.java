package reckonrod.server.directory;

import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.server.backup.RestoreCheck;

/** Keeps the directory. Finding is by box and filter; what is a distance or a reach is worked out by the core. */
@Repository
@Transactional(readOnly = true)
public class DirectoryStore implements RestoreCheck {
    private static final Pattern SPACES = Pattern.compile("\\s+");

    private static final int ROWS_AT_A_TIME = 500;

    private final EntityManager entities;

    DirectoryStore(EntityManager entities) {
        this.entities = entities;
    }

    /** How many entries there are. */
    public long count() {
        return entities.createQuery("select count(e) from EntryRecord e", Long.class)
                .getSingleResult();
    }

    /** A source of entries: how many it gave, and the day that the newest of them was confirmed, if any was. */
    public record Source(String name, long entries, LocalDate newest) {}

    /** Where the entries come from, the largest source first. */
    public List<Source> sources() {
        return entities
                .createQuery(
                        "select e.fields.source, count(e), max(e.fields.confirmedOn) from EntryRecord e"
                                + " group by e.fields.source order by count(e) desc",
                        Object[].class)
                .getResultList()
                .stream()
                .map(row -> new Source((String) row[0], (Long) row[1], (LocalDate) row[2]))
                .toList();
    }

    @Override
    @Transactional(readOnly = true)
    public void readAll() {
        try (Stream<EntryRecord> rows = entities.createQuery("select e from EntryRecord e", EntryRecord.class)
                .setHint("org.hibernate.fetchSize", ROWS_AT_A_TIME)
                .getResultStream()) {
            int[] count = {0};
            rows.forEach(row -> {
                row.entry();
                if (++count[0] % ROWS_AT_A_TIME == 0) {
                    entities.clear();
                }
            });
        }
    }

    /** The entries with these keys; those that are not there are left out. */
    public Map<String, DirectoryEntry> byIds(Collection<String> ids) {
        if (ids.isEmpty()) {
            return Map.of();
        }
        // An array is one parameter, however many keys there are.
        List<?> found = entities.createNativeQuery(
                        "select * from directory_entry where id = any(:ids)", EntryRecord.class)
                .setParameter("ids", ids.toArray(String[]::new))
                .getResultList();
        return found.stream()
                .map(EntryRecord.class::cast)
                .map(EntryRecord::entry)
                .collect(Collectors.toMap(DirectoryEntry::id, Function.identity()));
    }

    /** The entry with that key. */
    public Optional<DirectoryEntry> byId(String id) {
        return Optional.ofNullable(entities.find(EntryRecord.class, id)).map(EntryRecord::entry);
    }

    /** Where an entry is, and no more of it. */
    public record Spot(String id, double latitude, double longitude) {}

    /** Where all entries are that lie in a box and pass a filter. */
    public List<Spot> spots(Area area, EntryFilter filter) {
        Conditions conditions = new Conditions(filter);
        conditions.within(area);
        TypedQuery<Object[]> query = entities.createQuery(
                "select e.id, e.fields.latitude, e.fields.longitude from EntryRecord e" + conditions.where(),
                Object[].class);
        conditions.set(query);
        return query.getResultList().stream()
                .map(row -> new Spot((String) row[0], (Double) row[1], (Double) row[2]))
                .toList();
    }

    /** Entries that pass a filter, wherever they are, by name. */
    public List<DirectoryEntry> anywhere(EntryFilter filter, int most) {
        Conditions conditions = new Conditions(filter);
        TypedQuery<EntryRecord> query = entities.createQuery(
                "select e from EntryRecord e" + conditions.where() + " order by e.fields.site, e.fields.outputHz, e.id",
                EntryRecord.class);
        conditions.set(query);
        return query.setMaxResults(most).getResultList().stream()
                .map(EntryRecord::entry)
                .toList();
    }

    /** How many entries pass a filter, wherever they are. */
    public long countAnywhere(EntryFilter filter) {
        Conditions conditions = new Conditions(filter);
        TypedQuery<Long> query =
                entities.createQuery("select count(e) from EntryRecord e" + conditions.where(), Long.class);
        conditions.set(query);
        return query.getSingleResult();
    }

    /** A place that entries name, with the middle of those that do. */
    public record NamedPlace(String name, String area, double latitude, double longitude) {}

    /** Places whose names begin with a text, most entries first. */
    public List<NamedPlace> places(String begin, int most) {
        return entities
                .createQuery(
                        "select e.fields.site, e.fields.area, avg(e.fields.latitude), avg(e.fields.longitude) from"
                                + " EntryRecord e where e.fields.searchText like :within escape '\\'"
                                + " and lower(e.fields.site) like :begin escape '\\'"
                                + " and e.fields.latitude is not null group by e.fields.site, e.fields.area"
                                + " order by count(e) desc, e.fields.site",
                        Object[].class)
                .setParameter("within", "%" + escaped(begin) + "%")
                .setParameter("begin", escaped(begin) + "%")
                .setMaxResults(most)
                .getResultList()
                .stream()
                .map(row -> new NamedPlace((String) row[0], (String) row[1], (Double) row[2], (Double) row[3]))
                .toList();
    }

    /** Adds entries, or puts them in the place of those with the same keys. */
    @Transactional
    public void put(Collection<DirectoryEntry> entries) {
        entries.forEach(entry -> entities.merge(new EntryRecord(entry)));
    }

    private static String escaped(String text) {
        return EntryFields.folded(text.strip())
                .replace("\\", "\\\\")
                .replace("%", "\\%")
                .replace("_", "\\_");
    }

    /** The conditions of a search and what they are filled with. */
    private static final class Conditions {
        private final List<String> conditions = new ArrayList<>();
        private final Map<String, Object> values = new HashMap<>();

        Conditions(EntryFilter filter) {
            filter.outputs().ifPresent(range -> {
                add("e.fields.outputHz between :low and :high");
                values.put("low", range.lower().hertz());
                values.put("high", range.upper().hertz());
            });
            oneOf("mode", filter.modes());
            oneOf("state", filter.states());
            filter.flags().forEach(flag -> {
                add("e.fields.flags like :" + flag);
                values.put(flag.name(), "%" + flag + "%");
            });
            filter.talkTone().ifPresent(tone -> {
                add("e.fields.talkTone = :tone");
                values.put("tone", tone.toString());
            });
            String text = filter.text().strip();
            if (!text.isEmpty()) {
                String[] words = SPACES.split(text, -1);
                for (int i = 0; i < words.length; i++) {
                    add("e.fields.searchText like :word" + i + " escape '\\'");
                    values.put("word" + i, "%" + escaped(words[i]) + "%");
                }
            }
        }

        private void oneOf(String column, Collection<? extends Enum<?>> wanted) {
            if (!wanted.isEmpty()) {
                add("e.fields." + column + " in :" + column + "s");
                values.put(column + "s", wanted.stream().map(Enum::name).toList());
            }
        }

        private void add(String condition) {
            conditions.add(condition);
        }

        void within(Area area) {
            List<Integer> cells = Cells.within(area);
            if (cells.size() <= Cells.MOST) {
                add("e.fields.cell in :cells");
                values.put("cells", cells);
            }
            add("e.fields.latitude between :south and :north");
            values.put("south", area.south());
            values.put("north", area.north());
            if (area.widthDegrees() < 360) {
                add(
                        area.east() <= 180
                                ? "e.fields.longitude between :west and :east"
                                : "(e.fields.longitude >= :west or e.fields.longitude <= :east)");
                values.put("west", area.west());
                values.put("east", area.east() <= 180 ? area.east() : area.east() - 360);
            }
        }

        String where() {
            return conditions.isEmpty() ? "" : " where " + String.join(" and ", conditions);
        }

        void set(TypedQuery<?> query) {
            values.forEach(query::setParameter);
        }
    }
}
