package reckonrod.core.radio;

/**
 * One model of radio: what it is and what it can hold.
 *
 * @param id its name in files and addresses
 * @param maker who makes it
 * @param model what it is called
 * @param kind what sort of radio it is
 * @param limits what it can hold
 */
public record RadioModel(String id, String maker, String model, Kind kind, Limits limits) {
    /** Maker and model: {@code Wrenling W12}. */
    public String title() {
        return maker + " " + model;
    }
}
