#include <iostream>
#include <string>
#include <stdexcept>
using namespace std;

template <typename T>
class Stack {
    struct Node {
        T data;
        Node* next;
        Node(const T& d, Node* n) : data(d), next(n) {}
    };
    Node* head;
    int count;
public:
    Stack() : head(nullptr), count(0) {}
    ~Stack() { while (!isEmpty()) pop(); }
    void push(const T& value) {
        head = new Node(value, head);
        count++;
    }
    T pop() {
        if (isEmpty()) throw underflow_error("stack is empty");
        Node* old = head;
        T value = old->data;
        head = head->next;
        delete old;
        count--;
        return value;
    }
    const T& top() const {
        if (!head) throw underflow_error("nothing on top");
        return head->data;
    }
    bool isEmpty() const { return head == nullptr; }
    int size() const { return count; }
    void print() const {
        for (Node* n = head; n != nullptr; n = n->next) cout << n->data << (n->next ? " -> " : "");
        cout << endl;
    }
};

template <class T, int N = 4>
class Ring {
    T items[N];
    int first = 0, used = 0;
public:
    bool put(T item) {
        if (used == N) return false;
        items[(first + used++) % N] = item;
        return true;
    }
    bool get(T& out) {
        if (used == 0) return false;
        out = items[first];
        first = (first + 1) % N;
        --used;
        return true;
    }
    int size() const { return used; }
};

template <typename T>
T biggest(T a, T b) { return a > b ? a : b; }

template <typename T>
void swapThem(T& a, T& b) { T t = a; a = b; b = t; }

bool balanced(const string& s) {
    Stack<char> st;
    for (char c : s) {
        switch (c) {
            case '(': case '[': case '{': st.push(c); break;
            case ')': case ']': case '}': {
                if (st.isEmpty()) return false;
                char open = st.pop();
                if ((c == ')' && open != '(') || (c == ']' && open != '[') || (c == '}' && open != '{')) return false;
                break;
            }
            default: break;
        }
    }
    return st.isEmpty();
}

int rpn(const string& expr) {
    Stack<int> st;
    string token;
    for (size_t i = 0; i <= expr.length(); i++) {
        if (i == expr.length() || expr[i] == ' ') {
            if (token.empty()) continue;
            if (isdigit(token[0]) || (token.size() > 1 && token[0] == '-')) st.push(stoi(token));
            else {
                int b = st.pop(), a = st.pop();
                switch (token[0]) {
                    case '+': st.push(a + b); break;
                    case '-': st.push(a - b); break;
                    case '*': st.push(a * b); break;
                    case '/': if (b == 0) throw runtime_error("division by zero"); st.push(a / b); break;
                    default: throw invalid_argument("unknown operator " + token);
                }
            }
            token = "";
        } else token += expr[i];
    }
    return st.pop();
}

int main() {
    Stack<string> words;
    words.push("one"); words.push("two"); words.push("three");
    words.print();
    cout << words.top() << " " << words.size() << endl;
    cout << words.pop() << words.pop() << words.pop() << endl;
    try { words.pop(); } catch (underflow_error& e) { cout << "caught: " << e.what() << endl; }
    for (string s : {"(a[b]{c})", "(]", "((", ""}) cout << "'" << s << "' " << (balanced(s) ? "yes" : "no") << endl;
    for (const string& e : {string("3 4 + 2 *"), string("5 1 2 + 4 * + 3 -"), string("4 0 /"), string("2 3 %"), string("1 +")}) {
        try { cout << e << " = " << rpn(e) << endl; }
        catch (const exception& ex) { cout << e << " failed: " << ex.what() << endl; }
    }
    Ring<double, 3> ring;
    for (double d = 0.5; ring.put(d); d *= 2);
    double got;
    while (ring.get(got)) cout << got << ' ';
    cout << ring.size() << endl;
    int x = 3, y = 9;
    swapThem(x, y);
    string p = "pear", q = "quince";
    swapThem<string>(p, q);
    cout << x << y << p << q << biggest(2.5, 1.5) << biggest<string>("a", "b") << biggest('x', 'c') << endl;
}
