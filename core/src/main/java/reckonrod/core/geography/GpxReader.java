package reckonrod.core.geography;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** Reads the way in a GPX file (GPX 1.0 and 1.1): its tracks, else its routes, else its waypoints in order. */
public final class GpxReader {
    private static final Pattern PLACE = Pattern.compile("trkpt|rtept|wpt");

    private GpxReader() {}

    /**
     * Reads a GPX file's text.
     *
     * @throws IllegalArgumentException if it is not GPX, has a place outside the earth, or no way in it
     */
    public static Route parse(String text) {
        List<Position> track = new ArrayList<>();
        List<Position> planned = new ArrayList<>();
        List<Position> waypoints = new ArrayList<>();
        try {
            XMLStreamReader xml = factory().createXMLStreamReader(new StringReader(text.replace("\uFEFF", "")));
            boolean begun = false;
            while (xml.hasNext()) {
                if (xml.next() != XMLStreamConstants.START_ELEMENT) {
                    continue;
                }
                String element = xml.getLocalName();
                if (!begun && !element.equals("gpx")) {
                    throw new IllegalArgumentException(
                            "A route file must be GPX, was XML that begins with <" + element + ">");
                }
                begun = true;
                if (PLACE.matcher(element).matches()) {
                    List<Position> places =
                            element.equals("trkpt") ? track : element.equals("rtept") ? planned : waypoints;
                    places.add(place(xml));
                }
            }
        } catch (XMLStreamException broken) {
            int line = broken.getLocation() == null ? 1 : broken.getLocation().getLineNumber();
            throw new IllegalArgumentException(
                    "A route file must be GPX, which is XML; this one cannot be read from line " + line + " on",
                    broken);
        }
        List<Position> way = track.size() > 1 ? track : planned.size() > 1 ? planned : waypoints;
        if (way.size() < 2) {
            throw new IllegalArgumentException("The GPX file holds no way: it needs a track, a route or two waypoints");
        }
        return Route.along(way);
    }

    // Nothing outside the file is ever fetched for it.
    private static XMLInputFactory factory() {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        return factory;
    }

    private static Position place(XMLStreamReader xml) {
        int line = xml.getLocation().getLineNumber();
        try {
            return new Position(degrees(xml, "lat"), degrees(xml, "lon"));
        } catch (NumberFormatException noNumber) {
            throw new IllegalArgumentException(
                    "Each point must have lat and lon in decimal degrees; the one in line " + line + " has not",
                    noNumber);
        } catch (IllegalArgumentException outside) {
            throw new IllegalArgumentException(outside.getMessage() + ", in line " + line, outside);
        }
    }

    private static double degrees(XMLStreamReader xml, String name) {
        String value = xml.getAttributeValue(null, name);
        if (value == null) {
            throw new NumberFormatException("missing");
        }
        return Double.parseDouble(value);
    }
}
