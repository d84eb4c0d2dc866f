export const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';
