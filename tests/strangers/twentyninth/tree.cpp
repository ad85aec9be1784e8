#include <iostream>
#include <vector>
#include <map>
#include <set>
#include <queue>
#include <stack>
#include <functional>
#include <sstream>
using namespace std;

enum class Op { Add, Sub, Mul, Div };

struct Node {
    int val;
    Node *left, *right;
    Node(int v) : val(v), left(nullptr), right(nullptr) {}
};

class BST {
    Node* root = nullptr;
    Node* insert(Node* n, int v) {
        if (!n) return new Node(v);
        if (v < n->val) n->left = insert(n->left, v);
        else if (v > n->val) n->right = insert(n->right, v);
        return n;
    }
    Node* removeNode(Node* n, int v) {
        if (!n) return n;
        if (v < n->val) n->left = removeNode(n->left, v);
        else if (v > n->val) n->right = removeNode(n->right, v);
        else {
            if (!n->left) { Node* t = n->right; delete n; return t; }
            if (!n->right) { Node* t = n->left; delete n; return t; }
            Node* m = n->right;
            while (m->left) m = m->left;
            n->val = m->val;
            n->right = removeNode(n->right, m->val);
        }
        return n;
    }
    void walk(Node* n, const function<void(int)>& f) const { if (n) { walk(n->left, f); f(n->val); walk(n->right, f); } }
    int height(Node* n) const { return n ? 1 + max(height(n->left), height(n->right)) : 0; }
    void destroy(Node* n) { if (n) { destroy(n->left); destroy(n->right); delete n; } }
public:
    ~BST() { destroy(root); }
    void insert(int v) { root = insert(root, v); }
    void remove(int v) { root = removeNode(root, v); }
    void each(function<void(int)> f) const { walk(root, f); }
    int height() const { return height(root); }
};

int apply(Op op, int a, int b) {
    switch (op) {
        case Op::Add: return a + b;
        case Op::Sub: return a - b;
        case Op::Mul: return a * b;
        case Op::Div: if (b == 0) throw runtime_error("division by zero"); return a / b;
    }
    return 0;
}

int rpn(const string& expr) {
    static const map<string, Op> ops = {{"+", Op::Add}, {"-", Op::Sub}, {"*", Op::Mul}, {"/", Op::Div}};
    stack<int> st;
    istringstream in(expr);
    for (string tok; in >> tok;) {
        auto it = ops.find(tok);
        if (it == ops.end()) { st.push(stoi(tok)); continue; }
        int b = st.top(); st.pop();
        int a = st.top(); st.pop();
        st.push(apply(it->second, a, b));
    }
    return st.top();
}

int main() {
    BST t;
    for (int v : {50, 30, 70, 20, 40, 60, 80}) t.insert(v);
    t.remove(30); t.remove(50);
    ostringstream out;
    t.each([&](int v) { out << v << ' '; });
    cout << out.str() << "h=" << t.height() << endl;
    int sum = 0, cnt = 0;
    t.each([&sum, &cnt](int v) { sum += v; cnt++; });
    cout << sum / cnt << endl;
    for (const char* e : {"3 4 + 2 *", "10 2 8 * + 3 -", "1 0 /"}) {
        try { cout << rpn(e) << endl; }
        catch (const runtime_error& ex) { cerr << ex.what() << endl; cout << "error: " << ex.what() << endl; }
    }
    set<char> letters;
    for (char c : string("hedgehog")) letters.insert(c);
    for (auto c : letters) cout << c;
    cout << ' ' << letters.count('h') << endl;
    queue<string> q; q.push("a"); q.push("b"); q.pop();
    cout << q.front() << q.size() << endl;
    map<char, function<double(double, double)>> calc{{'+', [](double a, double b) { return a + b; }}, {'*', [](double a, double b) { return a * b; }}};
    for (auto& [sym, fn] : calc) cout << sym << ' ' << fn(2.5, 4) << endl;
}
