function createStore(reducer, initial) {
  let state = initial;
  const listeners = [];
  return {
    getState: () => state,
    dispatch(action) {
      state = reducer(state, action);
      listeners.forEach((l) => l(state));
      return action;
    },
    subscribe(listener) {
      listeners.push(listener);
      return () => {
        const index = listeners.indexOf(listener);
        if (index !== -1) listeners.splice(index, 1);
      };
    },
  };
}

function garden(state = { beds: [], water: 0 }, action) {
  switch (action.type) {
    case 'ADD_BED':
      return { ...state, beds: [...state.beds, action.name] };
    case 'WATER': {
      const amount = action.amount || 1;
      return { ...state, water: state.water + amount };
    }
    case 'REMOVE_BED':
      return { ...state, beds: state.beds.filter((b) => b !== action.name) };
    default:
      return state;
  }
}

const store = createStore(garden, undefined);
store.dispatch({ type: 'INIT' });
const stop = store.subscribe((s) => console.log('->', JSON.stringify(s)));
store.dispatch({ type: 'ADD_BED', name: 'Moss' });
store.dispatch({ type: 'ADD_BED', name: 'Fern' });
store.dispatch({ type: 'WATER' });
stop();
store.dispatch({ type: 'WATER', amount: 5 });
store.dispatch({ type: 'REMOVE_BED', name: 'Moss' });
console.log(store.getState());
