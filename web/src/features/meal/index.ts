export { MealsPage } from './MealsPage';
export { MealPage } from './MealPage';
export { ServingPage } from './beside/ServingPage';
export { PartsPage } from './parts/PartsPage';
export { BenchPage } from './bench/BenchPage';
export { ServicePage } from './service/ServicePage';
