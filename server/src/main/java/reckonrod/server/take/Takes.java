package reckonrod.server.take;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import reckonrod.core.bandplan.BandPlan;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.NameRecipe;
import reckonrod.core.take.Taken;
import reckonrod.core.take.Taking;
import reckonrod.server.directory.DirectoryStore;
import reckonrod.server.find.Searching;
import reckonrod.server.problem.ProblemException;

/** What entries of the directory become as channels of a list. */
@Component
public class Takes {
    private final DirectoryStore directory;
    private final Searching searching;

    Takes(DirectoryStore directory, Searching searching) {
        this.directory = directory;
        this.searching = searching;
    }

    /** The channels of those that give one; none at all is a problem, and so is an entry that is gone since it was looked at. */
    public List<ListEntry> channels(TakeLook look, ChannelList list, BandPlan plan) {
        List<Taken> taken = taken(look, list, recipe(look, list), plan);
        long wanted = look.entries().stream().distinct().count();
        if (taken.size() < wanted) {
            throw ProblemException.conflict(
                    "entries-gone",
                    "Some entries are gone",
                    (wanted - taken.size()) + " of the " + wanted
                            + " entries are not in the directory any more. Nothing was taken; search again.");
        }
        List<ListEntry> entries = taken.stream()
                .flatMap(each -> each.listEntry(UUID.randomUUID()).stream())
                .toList();
        if (entries.isEmpty()) {
            throw ProblemException.refused("nothing-to-take", "Nothing to take", whyNone(taken));
        }
        return entries;
    }

    private static String whyNone(List<Taken> taken) {
        String why = taken.get(0).findings().stream()
                .findFirst()
                .map(finding -> " " + finding.message() + " " + finding.why())
                .orElse("");
        return taken.size() == 1
                ? "The entry gives no channel." + why
                : "None of the " + taken.size() + " entries gives a channel. The first is "
                        + taken.get(0).entry().label() + "." + why;
    }

    List<Taken> taken(TakeLook look, ChannelList list, NameRecipe recipe, BandPlan plan) {
        Map<String, DirectoryEntry> entries = directory.byIds(look.entries());
        List<DirectoryEntry> inOrder = look.entries().stream()
                .distinct()
                .map(entries::get)
                .filter(Objects::nonNull)
                .toList();
        if (inOrder.isEmpty()) {
            throw ProblemException.notFound("The directory has none of these entries any more. Search again.");
        }
        return Taking.all(inOrder, list, recipe, plan, searching.today());
    }

    /** How they are named. */
    public NameRecipe recipe(TakeLook look, ChannelList list) {
        if (look.recipe() == null || look.recipe().isBlank()) {
            return list.naming();
        }
        return Stream.concat(NameRecipe.USUAL.stream(), Stream.of(list.naming()))
                .filter(recipe -> id(recipe).equals(look.recipe()))
                .findFirst()
                .orElseThrow(() -> ProblemException.refused(
                        "recipe-unknown",
                        "Unknown recipe",
                        "\"" + look.recipe() + "\" is no way to name channels; ask /api/recipes for those there are."));
    }

    /** Names a recipe among the usual ones and that of a list. */
    static String id(NameRecipe recipe) {
        return recipe.parts().stream()
                .map(part -> part.name().toLowerCase(Locale.ROOT).replace('_', '-'))
                .collect(Collectors.joining("+"));
    }
}
