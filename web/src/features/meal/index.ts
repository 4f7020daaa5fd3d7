export { MealsPage as default } from './MealsPage';
export { MealPage } from './MealPage';
