#include <bits/stdc++.h>
using namespace std;
typedef long long ll;
typedef pair<int,int> pii;
#define FOR(i,a,b) for(int i=(a);i<(b);++i)
#define pb push_back
const int INF = 1e9;
int n, m;
vector<pii> adj[105];
int dist_[105];
int par[105];
int main(){
    ios::sync_with_stdio(false);
    cin.tie(nullptr);
    cin >> n >> m;
    FOR(i,0,m){
        int a,b,w;
        cin >> a >> b >> w;
        adj[a].pb({b,w});
        adj[b].pb({a,w});
    }
    fill(dist_, dist_+n+1, INF);
    memset(par, -1, sizeof(par));
    priority_queue<pii, vector<pii>, greater<pii>> pq;
    dist_[1]=0;
    pq.push({0,1});
    while(!pq.empty()){
        auto [d,u]=pq.top(); pq.pop();
        if(d>dist_[u]) continue;
        for(auto &e: adj[u]){
            int v=e.first, w=e.second;
            if(dist_[u]+w<dist_[v]){
                dist_[v]=dist_[u]+w;
                par[v]=u;
                pq.push({dist_[v],v});
            }
        }
    }
    FOR(i,1,n+1) cout << i << ": " << (dist_[i]==INF ? -1 : dist_[i]) << "\n";
    vector<int> path;
    for(int v=n; v!=-1; v=par[v]) path.pb(v);
    reverse(path.begin(), path.end());
    for(size_t i=0;i<path.size();i++) cout << path[i] << (i+1<path.size()?"->":"\n");
    ll sum=0;
    FOR(i,1,n+1) if(dist_[i]<INF) sum+=dist_[i];
    cout << "sum " << sum << endl;
}
