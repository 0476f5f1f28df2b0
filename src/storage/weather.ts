import { NO_WEATHER, WrittenWeatherSchema } from '@/core/climate/written';
import { keptUnder } from './kept';

/** Weather of one’s own. */
export const { read: readWeather, change: changeWeather } = keptUnder('weather', WrittenWeatherSchema, NO_WEATHER);
