package reckonrod.core.link.card;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import reckonrod.core.definition.LinkDefinition.MemoryCard;
import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Folder;
import reckonrod.core.link.Identity;
import reckonrod.core.link.LinkException;
import reckonrod.core.link.LinkException.Fault;

/**
 * What a card holds, proven by its index.
 *
 * @param identity who it is of
 * @param index what its text says
 * @param image the memory
 * @param text the path of its text
 * @param memory the path of its memory
 */
public record Card(Identity identity, CardIndex index, MemoryImage image, String text, String memory) {
    /**
     * Reads a card, whether it is opened at its top, at its folder, or in a folder somebody copied it to.
     *
     * @return what it holds; nothing if nothing of any radio is on it
     * @throws LinkException if a part is missing, broken or of another radio; says which
     */
    public static Optional<Card> read(RadioDefinition radio, MemoryCard family, Folder folder) throws LinkException {
        try {
            List<String> names = folder.names();
            List<String> indexes = names.stream()
                    .filter(name -> plain(name).equals(plain(CardIndex.NAME))
                            || plain(name).endsWith("/" + plain(CardIndex.NAME)))
                    .toList();
            if (indexes.size() > 1) {
                throw broken("There is more than one radio's memory here: " + String.join(", ", indexes)
                        + ". Open the folder of one of them.");
            }
            if (indexes.isEmpty()) {
                requireNoRest(family, names);
                return Optional.empty();
            }
            return Optional.of(read(radio, folder, names, indexes.get(0)));
        } catch (IOException unreadable) {
            throw new LinkException(Fault.CARD, "The card cannot be read: " + unreadable.getMessage() + ".");
        }
    }

    private static void requireNoRest(MemoryCard family, List<String> names) throws LinkException {
        Optional<String> lone = names.stream()
                .filter(name ->
                        plain(name).equals(plain(family.file())) || plain(name).endsWith("/" + plain(family.file())))
                .findFirst();
        if (lone.isPresent()) {
            throw broken("There is " + lone.get() + " without the " + CardIndex.NAME
                    + " beside it that says what it is. Export on the radio again, and copy the whole folder.");
        }
    }

    private static Card read(RadioDefinition radio, Folder folder, List<String> names, String at)
            throws LinkException, IOException {
        CardIndex index;
        try {
            index = CardIndex.read(folder.read(at).orElse(new byte[0]));
        } catch (IllegalArgumentException wrong) {
            throw broken("The text " + at + " " + wrong.getMessage() + ". Export on the radio again.");
        }
        Identity identity = Identity.require(radio, index.radio());
        String beside = at.substring(0, at.lastIndexOf('/') + 1) + index.file();
        String file = names.stream()
                .filter(name -> plain(name).equals(plain(beside)))
                .findFirst()
                .orElseThrow(() -> broken(at + " names the file " + index.file()
                        + ", which is not beside it. Copy the whole folder, or export on the radio again."));
        byte[] bytes = folder.read(file).orElse(new byte[0]);
        if (bytes.length != index.bytes() || bytes.length != radio.layout().bytes()) {
            throw broken(file + " has " + bytes.length + " bytes, and a " + radio.title() + " fills "
                    + radio.layout().bytes()
                    + ": it was copied only in part, or cut off. Copy it again, or export on the"
                    + " radio again.");
        }
        MemoryImage image = MemoryImage.of(bytes);
        if (image.cyclicSum() != index.sum()) {
            throw broken("What " + file + " holds is not what " + at
                    + " says of it: the file was changed or damaged on the way. Copy it again, or export on the radio"
                    + " again.");
        }
        return new Card(identity, index, image, at, file);
    }

    /** Cards do not tell small letters from capitals. */
    private static String plain(String name) {
        return name.toUpperCase(Locale.ROOT);
    }

    private static LinkException broken(String message) {
        return new LinkException(Fault.CARD, message);
    }
}
