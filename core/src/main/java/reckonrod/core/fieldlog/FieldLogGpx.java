package reckonrod.core.fieldlog;

import java.io.StringWriter;
import java.util.List;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import reckonrod.core.geography.Position;

/** Writes waypoints as GPX 1.1: the tests of a log where they were made, or the places of a round. */
public final class FieldLogGpx {
    private static final String NAMESPACE = "http://www.topografix.com/GPX/1/1";

    private FieldLogGpx() {}

    /**
     * A point on the way.
     *
     * @param name what it is called there
     * @param at when it was, as in ISO 8601; empty for what is still to come
     * @param description what there is to say of it
     */
    public record Waypoint(Position position, String name, String at, String description) {}

    /** The tests that were made at a known place. */
    public static String write(List<FieldTest> tests) {
        return waypoints(tests.stream()
                .flatMap(test -> test.position().stream()
                        .map(position -> new Waypoint(
                                position,
                                test.channel() + ", " + test.result().words(),
                                test.at().toString(),
                                test.line() + "; "
                                        + test.seen().stream().map(Seen::words).collect(Collectors.joining(", "))
                                        + (test.radio().isEmpty() ? "" : "; by " + test.radio())
                                        + (test.note().isEmpty() ? "" : "; " + test.note()))))
                .toList());
    }

    /** Any waypoints, in their order. */
    public static String waypoints(List<Waypoint> points) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("gpx");
            xml.writeDefaultNamespace(NAMESPACE);
            xml.writeAttribute("version", "1.1");
            xml.writeAttribute("creator", "Reckonrod");
            for (Waypoint each : points) {
                xml.writeStartElement("wpt");
                xml.writeAttribute("lat", FieldLogCsv.degrees(each.position().latitudeDegrees()));
                xml.writeAttribute("lon", FieldLogCsv.degrees(each.position().longitudeDegrees()));
                if (!each.at().isEmpty()) {
                    element(xml, "time", each.at());
                }
                element(xml, "name", each.name());
                element(xml, "desc", each.description());
                xml.writeEndElement();
            }
            xml.writeEndElement();
            xml.writeEndDocument();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException(impossible);
        }
        return text.toString();
    }

    private static void element(XMLStreamWriter xml, String name, String text) throws XMLStreamException {
        xml.writeStartElement(name);
        xml.writeCharacters(text.codePoints()
                .filter(each -> each >= 0x20 || each == '\n' || each == '\t')
                .mapToObj(Character::toString)
                .collect(Collectors.joining()));
        xml.writeEndElement();
    }
}
