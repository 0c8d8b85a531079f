package reckonrod.core.exchange;

import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import reckonrod.core.directory.DirectoryEntry;
import reckonrod.core.geography.Position;
import reckonrod.core.list.ChannelList;
import reckonrod.core.list.ListEntry;
import reckonrod.core.list.Origin;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The channels of a list whose place is known, for maps: as GeoJSON (RFC 7946) or as waypoints (GPX 1.1). The place is that of the
 * directory entry that a channel was taken from, or where it stood when it was taken; channels without one are left out.
 */
public final class PlacedChannels {
    private static final String GPX = "http://www.topografix.com/GPX/1/1";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private record Placed(int slot, ListEntry entry, Position position) {}

    private PlacedChannels() {}

    private static List<Placed> placed(ChannelList list, Map<String, DirectoryEntry> entries) {
        return list.entries().entrySet().stream()
                .flatMap(each -> Optional.ofNullable(entries.get(each.getValue().directoryId()))
                        .flatMap(entry -> entry.site().position())
                        .or(() -> each.getValue().origin().flatMap(Origin::position))
                        .map(position -> new Placed(each.getKey(), each.getValue(), position))
                        .stream())
                .toList();
    }

    /**
     * Points with the slot, the name, the line and the frequencies in hertz as properties.
     *
     * @param entries the directory entries that the channels were taken from, by their ids
     */
    public static String geoJson(ChannelList list, Map<String, DirectoryEntry> entries) {
        ObjectNode all = JSON.createObjectNode().put("type", "FeatureCollection");
        ArrayNode features = all.putArray("features");
        for (Placed each : placed(list, entries)) {
            ObjectNode feature = features.addObject().put("type", "Feature");
            feature.putObject("geometry")
                    .put("type", "Point")
                    .putArray("coordinates")
                    .add(each.position.longitudeDegrees())
                    .add(each.position.latitudeDegrees());
            ObjectNode properties = feature.putObject("properties")
                    .put("name", each.entry.channel().label())
                    .put("slot", each.slot)
                    .put("line", each.entry.line())
                    .put("listen_hz", each.entry.channel().receive().hertz());
            each.entry.channel().transmit().ifPresent(talk -> properties.put("talk_hz", talk.hertz()));
        }
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(all) + "\n";
    }

    /**
     * Waypoints named as the channels are, with the line as their description.
     *
     * @param entries the directory entries that the channels were taken from, by their ids
     */
    public static String gpx(ChannelList list, Map<String, DirectoryEntry> entries) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeCharacters("\n");
            xml.writeStartElement("gpx");
            xml.writeDefaultNamespace(GPX);
            xml.writeAttribute("version", "1.1");
            xml.writeAttribute("creator", "Reckonrod");
            for (Placed each : placed(list, entries)) {
                xml.writeCharacters("\n  ");
                xml.writeStartElement("wpt");
                xml.writeAttribute("lat", degrees(each.position.latitudeDegrees()));
                xml.writeAttribute("lon", degrees(each.position.longitudeDegrees()));
                element(xml, "name", each.entry.channel().label());
                element(xml, "desc", "Slot " + each.slot + ": " + each.entry.line());
                xml.writeEndElement();
            }
            xml.writeCharacters("\n");
            xml.writeEndElement();
            xml.writeEndDocument();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException(impossible);
        }
        return text + "\n";
    }

    private static void element(XMLStreamWriter xml, String name, String text) throws XMLStreamException {
        xml.writeStartElement(name);
        xml.writeCharacters(text);
        xml.writeEndElement();
    }

    private static String degrees(double value) {
        return String.format(Locale.ROOT, "%.6f", value);
    }
}
