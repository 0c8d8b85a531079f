package reckonrod.core.load;

import reckonrod.core.definition.RadioDefinition;
import reckonrod.core.image.MemoryImage;
import reckonrod.core.link.Loader;
import reckonrod.core.link.Port;
import reckonrod.core.link.TransferWatch;
import reckonrod.core.link.WriteEstimate;
import reckonrod.core.link.polled.PolledLoader;

/** Chooses how a radio is loaded by the family of its link. */
public final class Loaders {
    private Loaders() {}

    /**
     * A loader, to be used once.
     *
     * @param radio the model that is expected at the other end
     * @param port the line to it, open
     * @param watch follows the transfer and may stop it
     * @throws IllegalStateException if the radio has no cable
     */
    public static Loader over(RadioDefinition radio, Port port, TransferWatch watch) {
        return switch (radio.line().family()) {
            case POLLED_BLOCKS -> new PolledLoader(radio, port, watch);
        };
    }

    /**
     * The cost of bringing a radio from one image to another.
     *
     * @throws IllegalStateException if the radio has no cable
     */
    public static WriteEstimate estimate(RadioDefinition radio, MemoryImage from, MemoryImage to) {
        return switch (radio.line().family()) {
            case POLLED_BLOCKS -> PolledLoader.estimate(radio, from, to);
        };
    }
}
