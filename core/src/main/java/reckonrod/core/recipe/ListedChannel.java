package reckonrod.core.recipe;

import java.util.List;
import java.util.Map;
import reckonrod.core.channel.Channel;
import reckonrod.core.list.ListEntry;

/**
 * A channel with all of its list that a row may say of it.
 *
 * @param number which row it is in, from 1
 * @param slot its slot
 * @param block the name of its block; empty if it is in none
 * @param banks the names of the banks that it is in
 * @param scan whether a scan stops at it
 * @param shown its name where so many characters fit, by their number
 */
record ListedChannel(
        int number,
        int slot,
        ListEntry entry,
        String block,
        List<String> banks,
        boolean scan,
        Map<Integer, String> shown) {
    Channel channel() {
        return entry.channel();
    }
}
