/**
 * Places on the earth and the ways between them.
 *
 * <p>A <em>position</em> is a latitude and a longitude in degrees on the WGS-84 ellipsoid, north and east positive. A
 * <em>hop</em> is the shortest way from one to another: its length in metres and the true bearing it sets out on, by Karney's
 * algorithms (GeographicLib). A <em>route</em> is a way along several positions, measured in metres from its start. A
 * <em>locator</em> is the Maidenhead locator of IARU Region 1 (Technical Recommendation, 1980). UTM and MGRS follow
 * NGA.STND.0037 by NGA's own library.
 */
package reckonrod.core.geography;
