/** What a card in the drawer is looked at for, with no job: a stack of blocks, leaves for a gap, a size at 20 °C. Keeps nothing. */
package jawread.server.card;
