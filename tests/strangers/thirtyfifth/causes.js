class ValidationError extends Error {
  constructor(field, message, options) {
    super(message, options);
    this.name = 'ValidationError';
    this.field = field;
  }
}
try { throw new ValidationError('a', 'b'); } catch (e) { console.log(e.name, e.message, e.field, e.cause); }
try { throw new ValidationError('a', 'b', { cause: new Error('x') }); } catch (e) { console.log(e.name, e.message, e.field, e.cause.message); }
try { throw new Error('m', { cause: 'q' }); } catch (e) { console.log(e.cause); }
