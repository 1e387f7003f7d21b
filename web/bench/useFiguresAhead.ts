import { useEffect } from 'react';
import { useDispatch } from 'react-redux';
import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { grains } from '../../core/calendar';
import type { ChartDefinition } from '../../core/chart';
import { api } from '../api';
import { useBenchState } from './useBench';

/**
 * While somebody reads which periods there are to choose from, the figures of each are asked for, one
 * after another: whichever is chosen need only be drawn. What is at hand is not asked for again.
 */
export function useFiguresAhead(chart: ChartDefinition) {
  const { chartId } = useBenchState();
  const dispatch = useDispatch<ThunkDispatch<unknown, unknown, UnknownAction>>();
  useEffect(() => {
    if (chartId === null) return;
    let closed = false;
    const ask = async () => {
      for (const grain of grains) {
        if (closed) return;
        const asked = { chartId, definition: { ...chart, grain } };
        await dispatch(api.endpoints.benchFrames.initiate(asked, { subscribe: false }));
      }
    };
    void ask();
    return () => {
      closed = true;
    };
  }, [chartId, chart, dispatch]);
}
