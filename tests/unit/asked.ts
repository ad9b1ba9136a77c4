/* What a route is asked with in tests, in place of the framework's own: set the headers of the question before it. */

export const asked = new Headers();

export const headers = async (): Promise<Headers> => asked;

export const cookies = async (): Promise<{ get: () => undefined }> => ({ get: () => undefined });
