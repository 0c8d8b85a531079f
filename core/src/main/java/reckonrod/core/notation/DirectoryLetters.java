package reckonrod.core.notation;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import reckonrod.core.channel.DirectoryFlag;

/** The letters that a directory prints behind an entry, alone or run together: {@code E}, {@code EL}. */
final class DirectoryLetters {
    private static final int MOST = 2;

    private DirectoryLetters() {}

    /** The flags of letters in lower case; absent when one is no flag, stands twice, or denies another (open and closed). */
    static Optional<Set<DirectoryFlag>> of(String letters) {
        if (letters.length() > MOST) {
            return Optional.empty();
        }
        Set<DirectoryFlag> flags = EnumSet.noneOf(DirectoryFlag.class);
        for (int i = 0; i < letters.length(); i++) {
            Optional<DirectoryFlag> flag = DirectoryFlag.of(letters.substring(i, i + 1));
            if (flag.isEmpty() || !flags.add(flag.get())) {
                return Optional.empty();
            }
        }
        boolean denied = flags.contains(DirectoryFlag.OPEN) && flags.contains(DirectoryFlag.CLOSED);
        return flags.isEmpty() || denied ? Optional.empty() : Optional.of(flags);
    }
}
