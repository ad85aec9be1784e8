#include <iostream>
using namespace std;

template <typename T>
class Stack {
private:
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
    void push(const T& value) { head = new Node(value, head); count++; }
    T pop() {
        if (isEmpty()) throw "stack is empty";
        Node* old = head;
        T value = old->data;
        head = old->next;
        delete old;
        count--;
        return value;
    }
    T& top() { return head->data; }
    bool isEmpty() const { return head == nullptr; }
    int size() const { return count; }
};

bool balanced(const string& s) {
    Stack<char> st;
    for (char c : s) {
        if (c == '(' || c == '[' || c == '{') st.push(c);
        else if (c == ')' || c == ']' || c == '}') {
            if (st.isEmpty()) return false;
            char o = st.pop();
            if ((c == ')' && o != '(') || (c == ']' && o != '[') || (c == '}' && o != '{')) return false;
        }
    }
    return st.isEmpty();
}

int evaluate(const string& expr) {
    Stack<int> st;
    for (size_t i = 0; i < expr.size(); i++) {
        char c = expr[i];
        if (isdigit(c)) {
            int v = 0;
            while (i < expr.size() && isdigit(expr[i])) v = v * 10 + (expr[i++] - '0');
            --i;
            st.push(v);
        } else if (c != ' ') {
            int b = st.pop(), a = st.pop();
            switch (c) {
                case '+': st.push(a + b); break;
                case '-': st.push(a - b); break;
                case '*': st.push(a * b); break;
                case '/': st.push(a / b); break;
            }
        }
    }
    return st.pop();
}

int main() {
    string tests[] = {"([]{})", "([)]", "((", ""};
    for (const string& t : tests) cout << "\"" << t << "\" " << (balanced(t) ? "yes" : "no") << endl;
    cout << evaluate("3 4 + 2 *") << " " << evaluate("100 7 / 3 -") << endl;
    Stack<string> words;
    words.push("moss"); words.push("fern");
    words.top() += "s";
    cout << words.size() << words.pop() << words.pop() << endl;
    try { words.pop(); } catch (const char* e) { cout << "Error: " << e << endl; }
    return 0;
}
