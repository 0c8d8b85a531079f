package reckonrod.core.finding;

import reckonrod.core.channel.Channel;

/** What a fix does when it is applied. */
public sealed interface Edit {
    /**
     * The typed line becomes another.
     *
     * @param line the new line
     */
    record RewriteLine(String line) implements Edit {}

    /**
     * The channel becomes another.
     *
     * @param channel the new channel
     */
    record ReplaceChannel(Channel channel) implements Edit {}
}
