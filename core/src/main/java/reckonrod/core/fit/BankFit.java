package reckonrod.core.fit;

import java.util.OptionalInt;

/**
 * What becomes of a bank of the list in a radio.
 *
 * @param bank its name in the list
 * @param number the radio's own number for it; absent where it does not go in
 * @param channels how many channels are in it there
 * @param missing how many channels of it are in the radio and not in the bank
 */
public record BankFit(String bank, OptionalInt number, int channels, int missing) {}
