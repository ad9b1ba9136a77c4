/** How a menu and what stands in it look. */
export const MENU = 'z-40 min-w-52 rounded border border-hairline bg-paper py-1 shadow-lg';
export const MENU_ITEM =
  'flex min-h-11 cursor-pointer items-center px-4 outline-none data-highlighted:bg-flag-wash';
