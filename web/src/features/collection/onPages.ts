import { lazy } from 'react';

/** Views bring charts and more along, so they come to a page when one stands there. */
export const PlacedView = lazy(async () => ({ default: (await import('./PlacedView')).PlacedView }));
export const PlaceViewDialog = lazy(async () => ({
  default: (await import('./PlaceViewDialog')).PlaceViewDialog,
}));
