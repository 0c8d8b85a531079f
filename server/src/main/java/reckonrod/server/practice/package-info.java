/** A radio to practise on, drills made from a list, and how they went. */
package reckonrod.server.practice;
