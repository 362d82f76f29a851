export * from './bookings';
export * from './clients';
export * from './log';
export * from './own-lifts';
export * from './rooms';
export * from './screenings';
export * from './sessions';
export * from './studios';
