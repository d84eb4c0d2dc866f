export const PDF = 'application/pdf';
export const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';
