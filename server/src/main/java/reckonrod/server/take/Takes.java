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

    /** The channels of those that give one; none at all is a problem. */
    public List<ListEntry> channels(TakeLook look, ChannelList list, BandPlan plan) {
        List<ListEntry> entries = taken(look, list, recipe(look, list), plan).stream()
                .flatMap(each -> each.listEntry(UUID.randomUUID()).stream())
                .toList();
        if (entries.isEmpty()) {
            throw ProblemException.refused(
                    "nothing-to-take",
                    "Nothing to take",
                    "None of the entries gives a channel: an FM radio hears only noise on digital voice.");
        }
        return entries;
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
