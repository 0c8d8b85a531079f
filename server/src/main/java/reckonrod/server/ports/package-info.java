/** What this machine has to reach radios by: its serial ports, and folders and archives that are cards. */
package reckonrod.server.ports;
