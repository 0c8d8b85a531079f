package reckonrod.core.link.card;

import java.io.IOException;
import java.util.List;
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
     * Reads a card, whether the location is the top of the card, the radio's folder, or an archive with a copy of that folder in it.
     *
     * @return what it holds; empty if it holds nothing of this radio
     * @throws LinkException if a part is missing, broken or of another radio; says which
     */
    public static Optional<Card> read(RadioDefinition radio, MemoryCard family, Folder folder) throws LinkException {
        try {
            List<String> indexes = folder.find(family.folder(), CardIndex.NAME);
            if (indexes.size() > 1) {
                throw broken("This card holds more than one memory: " + String.join(", ", indexes)
                        + ". Choose the folder of one of them.");
            }
            List<String> memories = folder.find(family.folder(), family.file());
            if (indexes.isEmpty()) {
                requireNoRest(memories);
                return Optional.empty();
            }
            return Optional.of(read(radio, family, folder, indexes.get(0), memories));
        } catch (IOException unreadable) {
            throw new LinkException(Fault.CARD, "The card cannot be read: " + unreadable.getMessage() + ".");
        }
    }

    private static void requireNoRest(List<String> memories) throws LinkException {
        if (!memories.isEmpty()) {
            throw broken(memories.get(0) + " has no " + CardIndex.NAME
                    + " beside it that says what it is. Export on the radio again and copy the whole folder.");
        }
    }

    private static Card read(RadioDefinition radio, MemoryCard family, Folder folder, String at, List<String> memories)
            throws LinkException, IOException {
        CardIndex index;
        try {
            index = CardIndex.read(folder.read(at).orElse(new byte[0]));
        } catch (IllegalArgumentException wrong) {
            throw broken("The text " + at + " " + wrong.getMessage() + ". Export on the radio again.");
        }
        Identity identity = Identity.require(radio, index.radio());
        if (!index.file().equalsIgnoreCase(family.file())) {
            throw broken(at + " names the file " + index.file() + ", and a " + radio.title() + " keeps its memory in "
                    + family.file() + ". Export on the radio again.");
        }
        String file = onlyBeside(at, family, memories);
        byte[] bytes = folder.read(file).orElse(new byte[0]);
        if (bytes.length != index.bytes() || bytes.length != radio.layout().bytes()) {
            throw broken(file + " has " + bytes.length + " bytes, and a " + radio.title() + " fills "
                    + radio.layout().bytes()
                    + ": it was copied only in part, or cut off. Copy it again, or export on the"
                    + " radio again.");
        }
        MemoryImage image = MemoryImage.of(bytes);
        if (image.cyclicSum() != index.sum()) {
            throw broken("The checksum of " + file + " does not match " + at
                    + ": the file was changed or damaged. Copy it again, or export on the radio again.");
        }
        return new Card(identity, index, image, at, file);
    }

    private static String onlyBeside(String at, MemoryCard family, List<String> memories) throws LinkException {
        String beside = at.substring(0, at.lastIndexOf('/') + 1) + family.file();
        List<String> matches =
                memories.stream().filter(beside::equalsIgnoreCase).toList();
        if (matches.isEmpty()) {
            throw broken(at + " names the file " + family.file()
                    + ", which is not beside it. Copy the whole folder, or export on the radio again.");
        }
        if (matches.size() > 1) {
            throw broken("The files " + String.join(" and ", matches)
                    + " differ only by case, and a card cannot hold both. Delete the wrong one.");
        }
        return matches.get(0);
    }

    private static LinkException broken(String message) {
        return new LinkException(Fault.CARD, message);
    }
}
