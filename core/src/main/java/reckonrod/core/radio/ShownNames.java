package reckonrod.core.radio;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What a radio shows for the names of a list. Names that it shows as they are stay, and so do short ones that the person chose;
 * of those that are shortened, one that would look like another is told apart from it.
 */
public final class ShownNames {
    private ShownNames() {}

    /**
     * A name of the list.
     *
     * @param name as the list has it; may be empty
     * @param chosen the short name that the person chose for radios like this one
     */
    public record Wanted(String name, Optional<String> chosen) {}

    /**
     * What is shown for it.
     *
     * @param shown as the radio shows it
     * @param shortened what shortening alone gave
     * @param apart the name, by its place among all, that it would otherwise look like; absent where it is told by itself
     */
    public record Shown(String shown, String shortened, OptionalInt apart) {}

    /** What is shown for each, in the same order. */
    public static List<Shown> of(List<Wanted> names, NameRule rule) {
        Map<String, Integer> taken = new HashMap<>();
        List<String> first = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            String shown = first(names.get(i), rule);
            first.add(shown);
            if (stays(names.get(i), shown, rule) && !shown.isBlank()) {
                taken.putIfAbsent(key(shown), i);
            }
        }
        List<Shown> result = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            String shown = first.get(i);
            Integer other =
                    shown.isBlank() || stays(names.get(i), shown, rule) ? null : taken.putIfAbsent(key(shown), i);
            Optional<String> free = other == null
                            || names.get(other)
                                    .name()
                                    .equalsIgnoreCase(names.get(i).name())
                    ? Optional.empty()
                    : rule.others(names.get(i).name())
                            .filter(each -> !taken.containsKey(key(each)))
                            .findFirst();
            if (free.isPresent()) {
                taken.put(key(free.get()), i);
                result.add(new Shown(free.get(), shown, OptionalInt.of(other)));
            } else {
                result.add(new Shown(shown, shown, OptionalInt.empty()));
            }
        }
        return result;
    }

    /** What is shown for a name by itself. */
    public static String first(Wanted wanted, NameRule rule) {
        if (rule.allows(wanted.name())) {
            return wanted.name();
        }
        return wanted.chosen().filter(rule::canShow).map(rule::shorten).orElseGet(() -> rule.shorten(wanted.name()));
    }

    private static boolean stays(Wanted wanted, String shown, NameRule rule) {
        return shown.equalsIgnoreCase(wanted.name())
                || wanted.chosen()
                        .filter(rule::canShow)
                        .filter(shown::equalsIgnoreCase)
                        .isPresent();
    }

    private static String key(String name) {
        return name.strip().toUpperCase(Locale.ROOT);
    }
}
