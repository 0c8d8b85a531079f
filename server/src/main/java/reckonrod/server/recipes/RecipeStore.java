package reckonrod.server.recipes;

import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import reckonrod.core.datafile.DataFileException;
import reckonrod.core.recipe.ExportRecipe;
import reckonrod.server.backup.RestoreCheck;
import reckonrod.server.problem.FileFault;
import reckonrod.server.problem.ProblemException;

/** Keeps the person's own recipes as the texts of their files. What cannot be read is not kept. */
@Service
@Transactional
class RecipeStore implements RestoreCheck {
    private static final int MOST_CHARACTERS = 100_000;
    private static final int MOST_RECIPES = 500;

    private final RecipeRepository own;
    private final Clock clock;

    RecipeStore(RecipeRepository own, Clock clock) {
        this.own = own;
        this.clock = clock;
    }

    /**
     * A recipe with the text of its file.
     *
     * @param ships whether it ships with the program, and stays as it is
     * @param version the version of one of one's own; 0 for one that ships
     */
    record RecipeFile(String id, ExportRecipe recipe, String yaml, boolean ships, long version) {}

    /** All: those that ship first, then by name. */
    @Transactional(readOnly = true)
    public List<RecipeFile> all() {
        Comparator<RecipeFile> byName =
                Comparator.comparing(each -> each.recipe().name());
        return Stream.concat(
                        ExportRecipe.shippedTexts().keySet().stream().map(RecipeStore::shipped),
                        own.findAll().stream().map(RecipeStore::file).sorted(byName))
                .toList();
    }

    @Transactional(readOnly = true)
    @Override
    public void readAll() {
        all();
    }

    public RecipeFile get(String id) {
        return ExportRecipe.shippedTexts().containsKey(id) ? shipped(id) : file(record(id));
    }

    /** A new one. */
    public RecipeFile add(String yaml) {
        ExportRecipe recipe = read(yaml);
        requireFreeName(recipe.name(), "");
        if (own.count() >= MOST_RECIPES) {
            throw ProblemException.refused(
                    "too-many-recipes",
                    "Too many recipes",
                    "There are " + MOST_RECIPES + " already. Delete one first.");
        }
        return file(own.saveAndFlush(new RecipeRecord(UUID.randomUUID(), yaml, clock.instant())));
    }

    /** Another text for one of one's own. */
    public RecipeFile change(String id, long baseVersion, String yaml) {
        RecipeRecord record = record(id);
        if (record.version() != baseVersion) {
            throw ProblemException.conflict(
                    "changed-elsewhere",
                    "Changed elsewhere",
                    "The recipe was changed in another tab or window. Nothing was overwritten; copy your text and open it anew.");
        }
        requireFreeName(read(yaml).name(), id);
        record.become(yaml, clock.instant());
        return file(own.saveAndFlush(record));
    }

    public void delete(String id) {
        own.delete(record(id));
    }

    private void requireFreeName(String name, String except) {
        if (all().stream()
                .anyMatch(each ->
                        !each.id().equals(except) && each.recipe().name().equalsIgnoreCase(name.strip()))) {
            throw ProblemException.conflict(
                    "recipe-exists",
                    "That name is taken",
                    "There is a recipe \"" + name.strip()
                            + "\" already. Choose another name in the line that begins with name:.");
        }
    }

    private RecipeRecord record(String id) {
        if (ExportRecipe.shippedTexts().containsKey(id)) {
            throw ProblemException.refused(
                    "recipe-ships",
                    "That recipe ships with the program",
                    "It stays as it is. Copy it and edit the copy.");
        }
        try {
            return own.findById(UUID.fromString(id)).orElseThrow(() -> gone(id));
        } catch (IllegalArgumentException noId) {
            throw gone(id);
        }
    }

    private static ProblemException gone(String id) {
        return ProblemException.notFound("There is no recipe \"" + id + "\"; it may have been deleted.");
    }

    private static RecipeFile shipped(String id) {
        String yaml = ExportRecipe.shippedTexts().get(id);
        return new RecipeFile(id, ExportRecipe.read(id + ".yaml", yaml), yaml, true, 0);
    }

    private static RecipeFile file(RecipeRecord record) {
        return new RecipeFile(
                record.getId().toString(),
                ExportRecipe.read("recipe.yaml", record.yaml()),
                record.yaml(),
                false,
                record.version());
    }

    /** Reads the text; its faults, each with its line, are the problem that comes back. */
    static ExportRecipe read(String yaml) {
        if (yaml.length() > MOST_CHARACTERS) {
            throw ProblemException.refused(
                    "recipe-too-long",
                    "The recipe is too long",
                    "It has " + yaml.length() + " characters; at most " + MOST_CHARACTERS + " are read.");
        }
        try {
            return ExportRecipe.read("recipe.yaml", yaml);
        } catch (DataFileException refused) {
            throw FileFault.problem("recipe-faulty", "The recipe has faults", refused);
        }
    }
}
