export { MealsPage } from './MealsPage';
export { MealPage } from './MealPage';
