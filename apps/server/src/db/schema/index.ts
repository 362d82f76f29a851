export * from './bookings';
export * from './clients';
export * from './log';
export * from './rooms';
export * from './screenings';
export * from './sessions';
export * from './studios';
