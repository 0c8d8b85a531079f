/** Cards set on paper, as PDF whose text is text, and as pictures of its pages. */
package reckonrod.server.paper;
