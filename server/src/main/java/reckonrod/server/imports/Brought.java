package reckonrod.server.imports;

import java.nio.charset.Charset;
import java.util.Optional;

/**
 * A listing as it was brought.
 *
 * @param kind what it is
 * @param name the name of its file, or what it is called
 * @param charset the encoding it is said to have, if any
 * @param bandPlan the band plan that supplies what its lines leave out
 */
record Brought(ImportKind kind, String name, Optional<Charset> charset, String bandPlan) {}
