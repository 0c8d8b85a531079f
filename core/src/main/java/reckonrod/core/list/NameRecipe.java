package reckonrod.core.list;

import reckonrod.core.channel.Channel;
import reckonrod.core.directory.DirectoryEntry;

/** How a list names the channels that come from a directory; each radio shortens the name as it must. */
public enum NameRecipe {
    PLACE("place"),
    CALL_SIGN("call sign"),
    PLACE_AND_CALL_SIGN("place and call sign"),
    PLACE_AND_OUTPUT("place and output"),
    CALL_SIGN_AND_OUTPUT("call sign and output");

    private final String words;

    NameRecipe(String words) {
        this.words = words;
    }

    /** The recipe in words. */
    public String words() {
        return words;
    }

    /** The name of the channel of an entry. */
    public String nameOf(DirectoryEntry entry) {
        String name = switch (this) {
            case PLACE -> entry.site().name();
            case CALL_SIGN -> entry.callSign();
            case PLACE_AND_CALL_SIGN -> joined(entry.site().name(), entry.callSign());
            case PLACE_AND_OUTPUT -> joined(entry.site().name(), output(entry));
            case CALL_SIGN_AND_OUTPUT -> joined(entry.callSign(), output(entry));
        };
        return shortened(name.isEmpty() ? entry.label() : name, "");
    }

    /** The same where another channel has that name already: the output stands behind it. */
    public String clearNameOf(DirectoryEntry entry) {
        return shortened(nameOf(entry), " " + output(entry));
    }

    private static String output(DirectoryEntry entry) {
        return entry.signal().output().toMegahertzText();
    }

    private static String joined(String first, String second) {
        return (first + " " + second).strip();
    }

    private static String shortened(String name, String ending) {
        int most = Channel.MOST_NAME_CHARACTERS - ending.length();
        return (name.length() > most ? name.substring(0, most).strip() : name) + ending;
    }
}
