package reckonrod.core.layout;

import java.util.Optional;
import reckonrod.core.radio.RadioSetting;

/**
 * Where a setting of the whole radio lies.
 *
 * @param setting the setting
 * @param place its bits, counted from the start of the memory; its values are numbered from 0
 */
public record SettingPlace(RadioSetting setting, BitPlace place) {
    public SettingPlace {
        if (setting.values().size() > NumberForm.BINARY.most(place.bits()) + 1) {
            throw new IllegalArgumentException("the setting \"" + setting.name() + "\" must have room for "
                    + setting.values().size() + " values, was " + place.bits() + " bits");
        }
    }

    /** What it is set to; absent where its bits mean none of its values. */
    Optional<String> read(byte[] memory) {
        long number = new Bits(memory, 0, place).number();
        return number < setting.values().size() ? Optional.of(setting.values().get((int) number)) : Optional.empty();
    }

    /**
     * Sets it.
     *
     * @throws IllegalArgumentException if it has no such value
     */
    void write(byte[] memory, String value) {
        int number = setting.values().indexOf(value);
        if (number < 0) {
            throw new IllegalArgumentException(
                    "\"" + setting.name() + "\" must be one of " + setting.values() + ", was \"" + value + "\"");
        }
        new Bits(memory, 0, place).setNumber(number);
    }
}
