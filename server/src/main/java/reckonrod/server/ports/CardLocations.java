package reckonrod.server.ports;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import reckonrod.server.ReckonrodSettings;

/** The folders of this machine in which cards may lie: those that its owner allows, and one inside the data folder. */
@Component
public class CardLocations {
    private static final String COPIES = "card-copies";
    private static final int MOST_OFFERED = 50;

    private final List<Path> roots;
    private final Path simulated;

    CardLocations(ReckonrodSettings settings) throws IOException {
        Path data = settings.dataFolder().toAbsolutePath().normalize();
        Path copies = data.resolve(COPIES);
        Files.createDirectories(copies);
        simulated = data.resolve("cards");
        List<Path> allowed = new ArrayList<>();
        settings.allowed()
                .cardFolders()
                .forEach(each -> allowed.add(each.toAbsolutePath().normalize()));
        allowed.add(copies);
        roots = List.copyOf(allowed);
    }

    /** The allowed folders; a card is one of them or lies beneath one. */
    public List<String> allowed() {
        return roots.stream().map(Path::toString).toList();
    }

    /** The folders beneath the allowed ones that could be a card's now, two levels deep: the system mounts cards there. */
    public List<String> offered() {
        List<String> found = new ArrayList<>();
        for (Path root : roots) {
            try (Stream<Path> folders = Files.find(root, 2, (each, is) -> is.isDirectory() && !each.equals(root))) {
                folders.filter(each -> !each.getFileName().toString().startsWith("."))
                        .limit(MOST_OFFERED)
                        .map(Path::toString)
                        .sorted()
                        .forEach(found::add);
            } catch (IOException | UncheckedIOException unreadable) {
                // Nothing is offered there; a path can still be typed.
            }
        }
        return found;
    }

    /** Why a folder cannot be a card's, without looking at it; empty if it can. */
    public Optional<String> refusal(String folder) {
        return place(folder).isPresent()
                ? Optional.empty()
                : Optional.of("A card's folder must be in " + String.join(" or ", allowed()) + ", and \"" + folder
                        + "\" is outside. Choose a folder in there, or have the owner of this machine add one to"
                        + " RECKONROD_CARD_FOLDERS");
    }

    /**
     * Opens a card.
     *
     * @throws IOException if the folder is outside the allowed ones, missing, or behind a link; the message says what to do
     */
    public CardFolder open(String folder) throws IOException {
        Place place =
                place(folder).orElseThrow(() -> new IOException(refusal(folder).orElseThrow()));
        if (!Files.isDirectory(place.root())) {
            throw new IOException("There is no folder " + folder + ". Insert the card or choose another folder");
        }
        return CardFolder.open(place.root(), place.below());
    }

    /**
     * Opens the card of a simulated radio, which is made if it is missing.
     *
     * @param id the id of the radio
     * @param folder the name of the radio's folder on it
     */
    public CardFolder ofSimulated(String id, String folder) throws IOException {
        Path card = simulated.resolve(id);
        if (!card.getParent().equals(simulated) || card.equals(simulated)) {
            throw new IOException("A radio called " + id + " has no card");
        }
        Files.createDirectories(card.resolve(folder));
        return CardFolder.open(simulated, simulated.relativize(card));
    }

    private record Place(Path root, Path below) {}

    private Optional<Place> place(String folder) {
        Path path;
        try {
            path = Path.of(folder).normalize();
        } catch (InvalidPathException noPath) {
            return Optional.empty();
        }
        return roots.stream()
                .filter(root -> path.isAbsolute() && path.startsWith(root))
                .map(root -> new Place(root, root.relativize(path)))
                .findFirst();
    }
}
